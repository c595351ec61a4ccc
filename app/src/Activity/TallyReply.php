<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Rostik\Core\Activity\Bar;

/** Tries of a class on one day, and what they show together. */
final readonly class TallyReply
{
    /**
     * @param string         $on      2027-03-11
     * @param int            $target  seconds
     * @param int            $exactly tenths of a second
     * @param list<TryReply> $tries
     * @param list<Bar>      $bars
     * @param list<string>   $said    in words
     * @param ?string        $since   beside the last time; null where there was none
     */
    public function __construct(
        public string $id,
        public string $on,
        public int $target,
        public int $exactly,
        public string $doing,
        public array $tries,
        public int $under,
        public int $right,
        public int $over,
        public array $bars,
        public array $said,
        public ?string $since,
    ) {
    }
}
