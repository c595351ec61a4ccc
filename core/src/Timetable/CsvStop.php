<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** The row of a stop, or its two rows. */
final class CsvStop
{
    /** @param string $what "arrives", "leaves" or '' */
    public function __construct(public readonly string $what, public readonly CsvRow $row, public ?CsvRow $leaves = null)
    {
    }
}
