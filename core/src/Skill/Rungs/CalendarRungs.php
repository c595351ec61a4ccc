<?php

declare(strict_types=1);

namespace Rostik\Core\Skill\Rungs;

use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Skill\Rungs;
use Rostik\Core\Skill\Strand;
use Rostik\Core\Sum\DateMove;
use Rostik\Core\Sum\DatesApart;
use Rostik\Core\Sum\DaysIn;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\LeapYear;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\WeekdayOf;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\Unit;

/**
 * The calendar. Support: within a month, whole weeks or few days. Core: over the end of one month. Stretch: over several
 * months, over February and the end of the year, weeks and days, both ends counted.
 */
final class CalendarRungs implements Rungs
{
    /** The years from which dates are drawn. */
    private const YEARS = [2026, 2032];

    public static function precedence(): int
    {
        return 5;
    }

    public function all(): array
    {
        return [
            new Rung('read-calendar', 'I can find a date on a month page and say its day of the week.', Strand::Dates, 'the month page', ['unit-facts'], [Kind::Calendar], ['month-page', 'calendar-rules'], ['thirty-days-each'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof WeekdayOf || ($sum instanceof DaysIn && null !== $sum->month && 2 !== $sum->month),
                static fn (Level $level, Dice $dice): Sum => Level::Support !== $level && 0 === $dice->number(0, 3)
                    ? DaysIn::month($dice->pick([1, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]), $dice->number(...self::YEARS))
                    : WeekdayOf::of(StatedDate::of(self::date($dice)))),
            new Rung('date-later', 'I can find the date so many days or weeks later or earlier.', Strand::Dates, 'so many days later', ['read-calendar'], [Kind::DateLater, Kind::DateEarlier], ['month-page', 'days-line'], ['counts-both-ends', 'thirty-days-each', 'forgets-leap-day', 'week-as-five'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof DateMove && !$sum->byMonths() && $sum->days() > 0,
                self::move(...)),
            new Rung('days-between-dates', 'I can count the days and weeks between dates.', Strand::Dates, 'days between dates', ['date-later'], [Kind::DatesApart], ['days-line', 'month-page'], ['counts-both-ends', 'thirty-days-each', 'forgets-leap-day', 'week-as-five'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof DatesApart,
                self::apart(...)),
            new Rung('leap-year', 'I can say which years are leap years, and what that changes.', Strand::Dates, 'leap years', ['read-calendar'], [Kind::Calendar], ['calendar-rules'], ['forgets-leap-day', 'thirty-days-each', 'every-fourth-year'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof LeapYear || ($sum instanceof DaysIn && (null === $sum->month || 2 === $sum->month)),
                static function (Level $level, Dice $dice): Sum {
                    // whole hundreds are for those who know the rule for them
                    $year = match (true) {
                        Level::Support === $level => $dice->number(2001, 2060),
                        Level::Stretch === $level && $dice->toss() => 100 * $dice->number(16, 28),
                        default => $dice->number(1901, 2099),
                    };

                    return match ($dice->number(0, 2)) {
                        0 => DaysIn::month(2, $year),
                        1 => Level::Support === $level ? DaysIn::month(2, $year) : DaysIn::year($year),
                        default => LeapYear::of($year),
                    };
                }),
        ];
    }

    private static function date(Dice $dice): CalendarDate
    {
        [$year, $month] = [$dice->number(...self::YEARS), $dice->number(1, 12)];

        return CalendarDate::of($year, $month, $dice->number(1, CalendarDate::daysIn($year, $month)));
    }

    private static function move(Level $level, Dice $dice): Sum
    {
        $date = self::date($dice);
        $weeks = $dice->toss();
        $left = CalendarDate::daysIn($date->year, $date->month) - $date->day;
        $later = Level::Support === $level ? $left >= 7 : $dice->toss();
        $room = Level::Support === $level ? ($later ? $left : $date->day - 1) : match ($level) {
            Level::Core => 28,
            default => 120,
        };
        $least = Level::Support === $level ? 2 : ($later ? $left + 1 : $date->day);
        $days = $dice->number(min($least, $room), max($room, $least + 12));
        $amount = match (true) {
            Level::Support === $level && $room < 7, !$weeks => $dice->amount(min($days, Level::Support === $level ? $room : $days), Level::Support === $level ? $room : $days, Unit::Day),
            default => $dice->amount(max(1, intdiv($days + (Level::Support === $level ? 0 : 6), 7)), max(1, intdiv($days + (Level::Support === $level ? 0 : 6), 7)), Unit::Week),
        };
        // at stretch the day of the week is to be found, too
        $start = StatedDate::of($date, Level::Stretch === $level && $dice->toss());

        return $later ? DateMove::later($start, $amount) : DateMove::earlier($start, $amount);
    }

    private static function apart(Level $level, Dice $dice): Sum
    {
        $date = self::date($dice);
        $left = CalendarDate::daysIn($date->year, $date->month) - $date->day;
        if (Level::Support === $level) {
            $date = CalendarDate::of($date->year, $date->month, min($date->day, 20));
            $left = CalendarDate::daysIn($date->year, $date->month) - $date->day;
        }
        $days = match ($level) {
            Level::Support => $dice->number(3, $left),
            Level::Core => $left + $dice->number(1, 28),
            Level::Stretch => $left + $dice->number(32, 150),
        };

        return DatesApart::of(StatedDate::of($date), StatedDate::of($date->plusDays($days)), Level::Stretch === $level && 0 === $dice->number(0, 2), Level::Support !== $level && $days >= 14 && $dice->toss());
    }
}
