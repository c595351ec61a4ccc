<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\Core\Plan\Purpose;

/** A lesson in its parts. */
final readonly class LessonReply
{
    /**
     * @param string                $on      2026-11-26
     * @param string                $start   HH:MM
     * @param string                $from    when it begins, as the class writes times, marked
     * @param string                $until   when it ends
     * @param int                   $minutes that it lasts
     * @param string                $title   what it is about
     * @param string                $why     it comes, and comes here
     * @param list<PartReply>       $parts   in order
     * @param int                   $over    minutes that it is too long; negative for minutes to spare
     * @param list<ChangeReply>     $changes that would make it fit
     * @param list<ReadyReply>      $ready   what must be ready
     * @param array<string, string> $sheets  ids of its sheets, by level or "ticket"
     * @param array<string, int>    $levels  how many sheets are needed, by level
     * @param array<string, int>    $took    minutes that parts took, by id
     * @param string                $note    the teacher's own
     */
    public function __construct(
        public string $id,
        public string $classId,
        public int $revision,
        public string $on,
        public string $start,
        public string $from,
        public string $until,
        public int $minutes,
        public string $title,
        public string $rung,
        public Purpose $purpose,
        public string $why,
        public LessonState $state,
        public array $parts,
        public int $over,
        public array $changes,
        public array $ready,
        public array $sheets,
        public array $levels,
        public array $took,
        public string $note,
    ) {
    }
}
