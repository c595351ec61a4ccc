<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Sum\Sum;

/** A question about a timetable, with its one answer, how it is found, and what misreadings lead to. */
final readonly class TableQuestion
{
    /**
     * @param string                     $kind  id
     * @param string                     $text  as it is asked, marked
     * @param list<Sum>                  $sums  that are worked once the times are found, in order; none where it is only read
     * @param non-empty-list<TableStep>  $steps
     * @param array<string, TableAnswer> $wrong what a misreading leads to, by its id; never the right answer
     */
    public function __construct(
        public string $kind,
        public string $text,
        public With $with,
        public TableAnswer $answer,
        public array $sums,
        public array $steps,
        public array $wrong,
    ) {
    }
}
