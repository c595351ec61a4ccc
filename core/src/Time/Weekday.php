<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** The names of the days of the week, from 1 for Monday to 7 for Sunday, as ISO 8601 numbers them. */
final class Weekday
{
    public const NAMES = [1 => 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

    public static function name(int $day): string
    {
        return self::NAMES[$day] ?? '';
    }

    /** "friday", "Fri", "Thurs"; null for no day of the week. */
    public static function read(string $word): ?int
    {
        $word = strtolower(rtrim($word, '.'));
        foreach (self::NAMES as $number => $name) {
            if (\strlen($word) >= 3 && str_starts_with(strtolower($name), $word)) {
                return $number;
            }
        }

        return null;
    }

    /** The day of the week so many days on; before, for less than 0. */
    public static function after(int $day, int $days): int
    {
        return ((($day - 1 + $days) % 7) + 7) % 7 + 1;
    }
}
