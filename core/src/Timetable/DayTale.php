<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** What happens on a day, told in sentences that allow one order only. */
final readonly class DayTale
{
    /**
     * @param list<string> $things    in the order in which they are given, which is none of the day
     * @param list<string> $sentences marked
     * @param list<int>    $order     positions of the things, first to last, counted from 0
     */
    public function __construct(public string $title, public array $things, public array $sentences, public array $order)
    {
    }
}
