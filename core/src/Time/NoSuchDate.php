<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** A date that no calendar has. */
final class NoSuchDate extends \DomainException
{
    public static function day(int $day, int $month, int $days, ?int $year = null): self
    {
        return new self(\sprintf('%s has %d days%s: there is no %s of it.', MonthName::of($month), $days, null === $year ? '' : ' in '.$year, MonthName::ordinal($day)));
    }

    public static function month(int $month): self
    {
        return new self(\sprintf('There are twelve months, and no month %d.', $month));
    }

    public static function year(int $year): self
    {
        return new self(\sprintf('Dates are reckoned here from %d to %d.', CalendarDate::FIRST_YEAR, CalendarDate::LAST_YEAR));
    }

    /** @param int $said the weekday that was said, 1 for Monday */
    public static function weekday(int $said, int $is, string $date): self
    {
        return new self(\sprintf('%s is a %s, not a %s.', $date, Weekday::name($is), Weekday::name($said)));
    }
}
