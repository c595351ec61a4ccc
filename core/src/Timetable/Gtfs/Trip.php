<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Gtfs;

/** A trip of a feed: one service on its days. */
final readonly class Trip
{
    /** @param string $direction '0', '1' or '' where it is not said */
    public function __construct(public string $id, public string $route, public string $service, public string $direction, public string $headsign, public string $name, public int $line)
    {
    }
}
