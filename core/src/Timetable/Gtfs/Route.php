<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Gtfs;

use Rostik\Core\Timetable\Vehicle;

/** A route of a feed. */
final readonly class Route
{
    public function __construct(public string $id, public string $name, public Vehicle $vehicle)
    {
    }
}
