<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

/** A timetable as it is shown: stops down, services across. */
final readonly class TableReply
{
    /**
     * @param list<string>        $names   of the services
     * @param list<string>        $days    on which each runs; none where all run daily
     * @param list<TableRowReply> $rows
     * @param string              $csv     the same, to be taken out
     * @param string              $caution that has to be said with it; mostly empty
     */
    public function __construct(public string $title, public string $vehicle, public array $names, public array $days, public array $rows, public string $csv, public string $caution = '')
    {
    }
}
