<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** A table of times that questions are asked about: of services, or of tides. */
interface AnyTable
{
    /** May be empty. */
    public function title(): string;

    /** What is to be said wherever it is shown; may be empty. */
    public function caution(): string;

    /** As it is kept and taken out. */
    public function csv(): string;

    /**
     * The same with every time so many minutes later, or earlier.
     *
     * @throws \InvalidArgumentException where a time would lie on no day of the table
     */
    public function later(int $minutes): self;

    /**
     * By how much all of its times can be moved so that each stays on its day, and where all are on the five minutes
     * they are so again.
     *
     * @return list<int> minutes, never 0; the smallest moves first
     */
    public function moves(): array;
}
