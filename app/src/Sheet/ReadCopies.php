<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** What the questions about a timetable are in the copies of a sheet. */
final readonly class ReadCopies
{
    /**
     * @param array<int, mixed>              $places of the questions that differ, as keys
     * @param array<int, array<int, string>> $lines  by copy and place
     * @param array<int, int>                $moved  by copy: so many minutes its table is later
     * @param array<int, int>                $few    by place: how many different ones there are, where they are too few
     */
    public function __construct(public array $places, public array $lines, public array $moved, public array $few)
    {
    }
}
