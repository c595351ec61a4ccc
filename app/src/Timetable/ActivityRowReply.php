<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

/** A row of an activity table, as a question. */
final readonly class ActivityRowReply
{
    /**
     * @param string        $what  happens
     * @param string        $sum   that finds what is hidden, a line of the notation
     * @param list<?string> $cells start, length and end, marked; null for what is hidden
     * @param string        $found what is hidden, marked
     */
    public function __construct(public string $what, public string $sum, public array $cells, public string $found)
    {
    }
}
