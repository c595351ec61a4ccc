<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** A place of a timetable that is looked at: a whole row, a whole column, or where they meet. */
final readonly class Cell
{
    /**
     * @param ?int $stop    row, by number of the stop from 0; null for the whole column
     * @param ?int $service column, from 0; null for the whole row
     */
    public function __construct(public ?int $stop, public ?int $service)
    {
    }
}
