<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/**
 * A day of the Gregorian calendar: a leap year every fourth, but not the hundredth unless it is the four-hundredth.
 * From the first whole year in which that calendar was used anywhere, 1583, to 9999.
 */
final readonly class CalendarDate
{
    public const FIRST_YEAR = 1583;

    public const LAST_YEAR = 9999;

    private const MONTHS = [1 => 31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

    /** Days of 400 years. */
    private const CYCLE = 146_097;

    private function __construct(public int $year, public int $month, public int $day)
    {
    }

    /** @throws NoSuchDate */
    public static function of(int $year, int $month, int $day): self
    {
        if ($year < self::FIRST_YEAR || $year > self::LAST_YEAR) {
            throw NoSuchDate::year($year);
        }
        if ($month < 1 || $month > 12) {
            throw NoSuchDate::month($month);
        }
        if ($day < 1 || $day > self::daysIn($year, $month)) {
            throw NoSuchDate::day($day, $month, self::daysIn($year, $month), 2 === $month ? $year : null);
        }

        return new self($year, $month, $day);
    }

    /**
     * @param int $number days since 1 January 1970
     *
     * @throws NoSuchDate before 1583 or after 9999
     */
    public static function ofNumber(int $number): self
    {
        if (abs($number) > 4_000_000) {
            throw NoSuchDate::year($number > 0 ? self::LAST_YEAR + 1 : self::FIRST_YEAR - 1);
        }
        // counted from 1 March of a year that begins a cycle, so that the leap day comes last
        $days = $number + 719_468;
        $cycle = intdiv($days >= 0 ? $days : $days - self::CYCLE + 1, self::CYCLE);
        $inCycle = $days - $cycle * self::CYCLE;
        $yearOf = intdiv($inCycle - intdiv($inCycle, 1460) + intdiv($inCycle, 36_524) - intdiv($inCycle, 146_096), 365);
        $inYear = $inCycle - (365 * $yearOf + intdiv($yearOf, 4) - intdiv($yearOf, 100));
        $fromMarch = intdiv(5 * $inYear + 2, 153);
        $month = $fromMarch < 10 ? $fromMarch + 3 : $fromMarch - 9;

        return self::of($yearOf + 400 * $cycle + ($month <= 2 ? 1 : 0), $month, $inYear - intdiv(153 * $fromMarch + 2, 5) + 1);
    }

    /** Days since 1 January 1970; before it, below 0. */
    public function number(): int
    {
        $year = $this->month <= 2 ? $this->year - 1 : $this->year;
        $fromMarch = $this->month > 2 ? $this->month - 3 : $this->month + 9;

        return 365 * $year + intdiv($year, 4) - intdiv($year, 100) + intdiv($year, 400) + intdiv(153 * $fromMarch + 2, 5) + $this->day - 1 - 719_468;
    }

    public static function isLeap(int $year): bool
    {
        return 0 === $year % 4 && (0 !== $year % 100 || 0 === $year % 400);
    }

    /**
     * How many days a month has.
     *
     * @param int $month 1 to 12
     */
    public static function daysIn(int $year, int $month): int
    {
        return 2 === $month && self::isLeap($year) ? 29 : self::MONTHS[$month] ?? 0;
    }

    /** 1 for Monday to 7 for Sunday, as ISO 8601 numbers them. */
    public function weekday(): int
    {
        // 1 January 1970 was a Thursday
        return ((($this->number() + 3) % 7) + 7) % 7 + 1;
    }

    /** @throws NoSuchDate before 1583 or after 9999 */
    public function plusDays(int $days): self
    {
        return self::ofNumber($this->number() + $days);
    }

    /**
     * The same day of a month so many months on; before, for less than 0.
     *
     * @throws NoSuchDate where that month has no such day, and before 1583 or after 9999
     */
    public function plusMonths(int $months): self
    {
        $all = 12 * $this->year + $this->month - 1 + $months;
        $month = (($all % 12) + 12) % 12;

        return self::of(intdiv($all - $month, 12), $month + 1, $this->day);
    }

    /** Days from this day to the other; below 0 where that is before. */
    public function daysTo(self $other): int
    {
        return $other->number() - $this->number();
    }

    /** 2027-03-12. */
    public function iso(): string
    {
        return \sprintf('%04d-%02d-%02d', $this->year, $this->month, $this->day);
    }
}
