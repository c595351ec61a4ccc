<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

use Rostik\Core\Sum\ConvertedParts;
use Rostik\Core\Sum\ConvertedRange;

/** The answer to a sum, written. */
final readonly class WorkedAnswer
{
    /**
     * @param string                                         $text      plain
     * @param string                                         $shown     marked
     * @param string|list<int>|ConvertedParts|ConvertedRange $value     for programs, as {@see \Rostik\Core\Sum\Answer::value()} says
     * @param ?int                                           $dayOffset for a time: days after the given one; null for other answers
     * @param int|float|null                                 $seconds   for a length: the whole of it
     * @param ?int                                           $months    for a length in months and years: the whole of it
     */
    public function __construct(
        public string $text,
        public string $shown,
        public string|array|ConvertedParts|ConvertedRange $value,
        public ?int $dayOffset,
        public int|float|null $seconds = null,
        public ?int $months = null,
    ) {
    }
}
