<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Gtfs;

use Rostik\Core\Timetable\Call;

/** Times as a feed writes them: H:MM:SS or HH:MM:SS since midnight (noon less 12 h) of the day of service, beyond 24:00:00 after it. */
final class Clock
{
    /** Minutes, seconds left out as in any timetable; null where it is no time, or later than {@see Call::LATEST}. */
    public static function minutes(string $time): ?int
    {
        if (1 !== preg_match('/^(\d{1,2}):([0-5]\d):([0-5]\d)$/', $time, $m)) {
            return null;
        }
        $minutes = 60 * (int) $m[1] + (int) $m[2];

        return $minutes > Call::LATEST ? null : $minutes;
    }
}
