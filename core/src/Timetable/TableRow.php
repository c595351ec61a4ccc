<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** A row of a timetable as it is shown. */
final readonly class TableRow
{
    /**
     * @param int        $stop  from 0
     * @param string     $what  "arrives" or "leaves" where a stop has two rows, otherwise empty
     * @param list<?int> $times minutes, one for each service; null for a dash
     */
    public function __construct(public int $stop, public string $name, public string $what, public array $times)
    {
    }
}
