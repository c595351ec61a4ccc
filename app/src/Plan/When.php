<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\Core\Plan\Slot;
use Rostik\Core\Time\CalendarDate;

/** Days and times as they are sent, and as the core has them. */
final class When
{
    /** @param string $on 2026-11-26 */
    public static function date(string $on): CalendarDate
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $on) + ['', '1', '1']);

        return CalendarDate::of($year, $month, $day);
    }

    /** Minutes after midnight. @param string $time HH:MM */
    public static function minutes(string $time): int
    {
        return 60 * (int) substr($time, 0, 2) + (int) substr($time, 3, 2);
    }

    /** HH:MM @param int $minutes after midnight */
    public static function clock(int $minutes): string
    {
        return \sprintf('%02d:%02d', intdiv($minutes, 60) % 24, $minutes % 60);
    }

    public static function slot(SlotText $text): Slot
    {
        return new Slot(self::date($text->on), self::minutes($text->start), $text->minutes);
    }
}
