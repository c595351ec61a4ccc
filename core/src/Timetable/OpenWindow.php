<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** A stretch of time in which something is open, between two tides. All in minutes since the midnight with which the first day begins. */
final readonly class OpenWindow
{
    public function __construct(public int $high, public int $nextHigh, public int $opens, public int $closes)
    {
    }

    public function isOpenAt(int $time): bool
    {
        return $time >= $this->opens && $time <= $this->closes;
    }
}
