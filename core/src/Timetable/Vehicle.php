<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** What a table is about, for the words of its questions. */
enum Vehicle: string
{
    case Boat = 'boat';
    case Bus = 'bus';
    case Train = 'train';
    case Tram = 'tram';
    case Service = 'service';

    public function plural(): string
    {
        return self::Bus === $this ? 'buses' : $this->value.'s';
    }

    /** By the route_type of a GTFS feed, the extended ones, too (GTFS Schedule Reference, routes.txt). */
    public static function ofRouteType(int $type): self
    {
        return match (true) {
            0 === $type, 5 === $type, $type >= 900 && $type < 1000 => self::Tram,
            1 === $type, 2 === $type, 12 === $type, $type >= 100 && $type < 200, $type >= 400 && $type < 500 => self::Train,
            3 === $type, 11 === $type, $type >= 200 && $type < 300, $type >= 700 && $type < 900 => self::Bus,
            4 === $type, $type >= 1000 && $type < 1100, 1200 === $type => self::Boat,
            default => self::Service,
        };
    }
}
