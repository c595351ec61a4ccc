<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/**
 * Months and years in days, by the rules of the Gregorian calendar (a leap year every fourth, but not the hundredth
 * unless it is the four-hundredth): how few and how many days so many months in a row can have.
 */
final class Calendar
{
    /** 146 097 days in 400 years of 12 months. */
    public const MEAN_MONTH_DAYS = 146097 / 4800;

    /** Months after which the calendar repeats. */
    private const CYCLE = 4800;

    /**
     * @param int $months 0 or more
     *
     * @return array{int, int} the fewest and the most days
     */
    public static function days(int $months): array
    {
        $whole = intdiv($months, self::CYCLE) * 146097;
        $months %= self::CYCLE;
        if (0 === $months) {
            return [$whole, $whole];
        }
        $sums = self::sums();
        $least = \PHP_INT_MAX;
        $most = 0;
        for ($start = 0; $start < self::CYCLE; ++$start) {
            $end = $start + $months;
            $days = $end <= self::CYCLE
                ? $sums[$end] - $sums[$start]
                : $sums[self::CYCLE] - $sums[$start] + $sums[$end - self::CYCLE];
            $least = min($least, $days);
            $most = max($most, $days);
        }

        return [$whole + $least, $whole + $most];
    }

    /**
     * @param int $days 0 or more
     *
     * @return array{int, int} the fewest and the most whole months that so many days can hold
     */
    public static function months(int $days): array
    {
        $guess = (int) floor($days / self::MEAN_MONTH_DAYS) + 2;
        $most = $guess;
        while ($most > 0 && self::days($most)[0] > $days) {
            --$most;
        }
        $least = $most;
        while ($least > 0 && self::days($least)[1] > $days) {
            --$least;
        }

        return [$least, $most];
    }

    /**
     * @param int $days 0 or more
     *
     * @return array{int, int} the fewest and the most whole years that so many days can hold
     */
    public static function years(int $days): array
    {
        // no year has less than 365 days nor more than 366
        $least = intdiv($days, 366);
        while (self::days(12 * ($least + 1))[1] <= $days) {
            ++$least;
        }
        $most = intdiv($days, 365);
        while ($most > 0 && self::days(12 * $most)[0] > $days) {
            --$most;
        }

        return [$least, $most];
    }

    /** @return list<int> days before each month of the cycle */
    private static function sums(): array
    {
        $sums = [0];
        $total = 0;
        for ($year = 2000; $year < 2400; ++$year) {
            for ($month = 1; $month <= 12; ++$month) {
                $sums[] = $total += CalendarDate::daysIn($year, $month);
            }
        }

        return $sums;
    }
}
