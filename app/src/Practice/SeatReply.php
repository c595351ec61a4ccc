<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** How it stands at a tablet. */
final readonly class SeatReply
{
    /**
     * @param string           $id      of the seat
     * @param string           $name    of the child, or of both
     * @param list<string>     $two     names of two who take turns; empty for one alone
     * @param int              $done    questions that are answered
     * @param int              $of      of so many
     * @param bool             $open    whether it goes on
     * @param list<string>     $waiting ids of the questions to come, in order
     * @param list<OfferReply> $offers  those that the tablet does not have yet
     * @param list<SaidReply>  $said    about the answers that were sent
     * @param bool             $more    whether more of them can be had in a moment
     * @param ?int             $target  seconds that are to be felt; null where questions are asked
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $two,
        public int $done,
        public int $of,
        public bool $open,
        public string $lastWord,
        public array $waiting,
        public array $offers,
        public array $said,
        public bool $more,
        public ?int $target,
    ) {
    }
}
