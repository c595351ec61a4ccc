<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

/** A row of a timetable as it is shown. */
final readonly class TableRowReply
{
    /**
     * @param int           $stop  its number from 0; where a stop has two rows, both have it
     * @param string        $what  "arrives", "leaves" or ''
     * @param list<?string> $times marked; null for a dash
     */
    public function __construct(public int $stop, public string $name, public string $what, public array $times)
    {
    }
}
