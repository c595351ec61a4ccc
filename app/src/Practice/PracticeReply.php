<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** A practice as its teacher sees it. */
final readonly class PracticeReply
{
    /**
     * @param string                 $title   what is practised, in words
     * @param string                 $opened  day and time
     * @param string                 $until   time of day at which it ends by itself
     * @param list<SeatSeenReply>    $seats   by name
     * @param list<ComeInChildReply> $missing children who have not come in
     * @param ?HardestReply          $hardest null where nothing went wrong yet
     */
    public function __construct(
        public string $id,
        public string $code,
        public PracticeOf $of,
        public string $title,
        public int $questions,
        public bool $signs,
        public bool $numbers,
        public bool $open,
        public string $opened,
        public string $until,
        public array $seats,
        public array $missing,
        public ?HardestReply $hardest,
    ) {
    }
}
