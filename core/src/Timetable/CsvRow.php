<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** A row of a CSV file, with the line on which it begins. */
final readonly class CsvRow
{
    /** @param list<string> $fields */
    public function __construct(public int $line, public array $fields)
    {
    }
}
