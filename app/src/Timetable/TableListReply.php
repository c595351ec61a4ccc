<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

/** The timetables that there are to choose from. */
final readonly class TableListReply
{
    /**
     * @param list<TableLineReply> $own    brought in, by title
     * @param list<TableLineReply> $island of the island
     * @param list<string>         $days   that there are activity tables of, by name
     */
    public function __construct(public array $own, public array $island, public array $days)
    {
    }
}
