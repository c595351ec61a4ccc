<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** The names of the months, and how days of a month are counted. */
final class MonthName
{
    public const NAMES = [1 => 'January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

    /** @param int $month 1 to 12 */
    public static function of(int $month): string
    {
        return self::NAMES[$month] ?? '';
    }

    /** 1st, 22nd, 13th. */
    public static function ordinal(int $day): string
    {
        return $day.match (true) {
            11 === $day % 100, 12 === $day % 100, 13 === $day % 100 => 'th',
            1 === $day % 10 => 'st',
            2 === $day % 10 => 'nd',
            3 === $day % 10 => 'rd',
            default => 'th',
        };
    }
}
