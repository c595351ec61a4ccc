<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Gtfs;

/** One direction of a route. */
final readonly class DirectionChoice
{
    /**
     * @param string       $id    '0', '1', or '' where the feed does not say
     * @param string       $to    where it goes: "to Fell Harbour"
     * @param list<string> $stops in order
     */
    public function __construct(public string $id, public string $to, public array $stops)
    {
    }
}
