<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Gtfs;

/** What there is to choose from: a route, its directions, and when it runs. */
final readonly class RouteChoice
{
    /**
     * @param list<DirectionChoice> $directions
     * @param string                $first      first date on which it may run, YYYY-MM-DD
     * @param string                $last       last one
     */
    public function __construct(public string $id, public string $name, public string $vehicle, public array $directions, public string $first, public string $last)
    {
    }
}
