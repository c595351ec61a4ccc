<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

/** What happens on a day, told, to be put in order. */
final readonly class DayTaleReply
{
    /**
     * @param list<string> $things    in the order in which they are given
     * @param list<string> $sentences marked
     * @param list<int>    $order     positions of the things, first to last, counted from 0
     */
    public function __construct(public string $title, public array $things, public array $sentences, public array $order)
    {
    }
}
