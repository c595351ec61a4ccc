<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** A date as somebody stated it: with its year or without, with its day of the week or without. */
final readonly class StatedDate
{
    /** A leap year and one that is none, to stand for a year that is not said. */
    public const LEAP = 2028;

    public const COMMON = 2027;

    /** @param ?int $weekday 1 for Monday; null where it was not said */
    private function __construct(public ?int $year, public int $month, public int $day, public ?int $weekday)
    {
    }

    /** @param bool $saysWeekday whether its day of the week is said with it */
    public static function of(CalendarDate $date, bool $saysWeekday = false): self
    {
        return new self($date->year, $date->month, $date->day, $saysWeekday ? $date->weekday() : null);
    }

    /**
     * @param ?int $weekday 1 for Monday; null where it was not said
     *
     * @throws NoSuchDate when there is no such day, or when it is another day of the week
     */
    public static function stated(?int $year, int $month, int $day, ?int $weekday = null): self
    {
        $date = CalendarDate::of($year ?? self::LEAP, $month, $day);
        $stated = new self($year, $month, $day, $weekday);
        if (null !== $year && null !== $weekday && $date->weekday() !== $weekday) {
            throw NoSuchDate::weekday($weekday, $date->weekday(), $day.' '.MonthName::of($month).' '.$year);
        }

        return $stated;
    }

    /** Null where the year is not said. */
    public function exact(): ?CalendarDate
    {
        return null === $this->year ? null : CalendarDate::of($this->year, $this->month, $this->day);
    }

    /**
     * In a year, where none is said.
     *
     * @throws NoSuchDate for 29 February in a year that has none
     */
    public function in(int $year): CalendarDate
    {
        return CalendarDate::of($this->year ?? $year, $this->month, $this->day);
    }

    /**
     * The same with that year said, and its day of the week as it is then.
     *
     * @throws NoSuchDate
     */
    public function withYear(int $year): self
    {
        return self::of($this->in($year), null !== $this->weekday);
    }

    public function equals(self $other): bool
    {
        return $this->year === $other->year && $this->month === $other->month && $this->day === $other->day && $this->weekday === $other->weekday;
    }

    /** 2027-03-12; --03-12 (as in ISO 8601 of 1988) where the year is not said. */
    public function iso(): string
    {
        return (null === $this->year ? '-' : \sprintf('%04d', $this->year)).\sprintf('-%02d-%02d', $this->month, $this->day);
    }
}
