<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

/** An activity in the list. */
final readonly class ActivityLineReply
{
    /**
     * @param string       $sort    warm-up, game, sorting, making or feel
     * @param list<string> $rungs   ids
     * @param list<string> $needs   ids of what has to be at hand
     * @param int          $minutes that it takes, expected
     * @param string       $said    how long it takes, in words
     * @param bool         $whole   whether it is done by the whole class together
     * @param int          $least   children in a group
     * @param ?int         $most    children in a group; null for any number
     * @param bool         $borrows whether it is played with numbers of the sheet
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $aim,
        public string $sort,
        public array $rungs,
        public array $needs,
        public int $minutes,
        public string $said,
        public bool $whole,
        public int $least,
        public ?int $most,
        public bool $borrows,
    ) {
    }
}
