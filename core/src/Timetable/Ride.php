<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** From one stop to another with one service, all by number from 0. */
final readonly class Ride
{
    public function __construct(public int $service, public int $from, public int $to)
    {
    }
}
