<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\DateAnswer;
use Rostik\Core\Sum\DateMove;
use Rostik\Core\Sum\DatesApart;
use Rostik\Core\Sum\DaysIn;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\WeekdayOf;
use Rostik\Core\Sum\WordAnswer;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\MonthName;
use Rostik\Core\Time\NoSuchDate;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\Weekday;

/** On the page of the month: down a row is a week, along a row is a day. */
final class MonthPageMethod implements Method
{
    public const ID = 'month-page';

    /** More days than these nobody counts on a page. */
    private const MOST_DAYS = 56;

    public function id(): string
    {
        return self::ID;
    }

    public function title(): string
    {
        return 'On the month page';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        return match (true) {
            $sum instanceof WeekdayOf => new Suit(80, 'The column says which day of the week it is.'),
            $sum instanceof DaysIn && null !== $sum->month && null !== $sum->year => new Suit(60, 'The last number on the page is the number of its days.'),
            $sum instanceof DateMove && null !== $sum->start->year && !$sum->byMonths() && $sum->days() > 0 && $sum->days() <= self::MOST_DAYS && $this->onTwoPages($sum->start->in($sum->start->year), $sum->direction * $sum->days()) => new Suit(0 === $sum->days() % 7 ? 85 : 70, 0 === $sum->days() % 7 ? 'Whole weeks go straight down the page: the day of the week stays.' : 'On the page of the month weeks go down and days along.'),
            $sum instanceof DatesApart && null !== $sum->start->year && $sum->days() > 0 && $sum->days() <= self::MOST_DAYS && $this->onTwoPages($sum->startIn($sum->start->year), $sum->days()) => new Suit($sum->inWeeks ? 85 : 60, 'On the page of the month the weeks are counted in rows.'),
            default => null,
        };
    }

    /** Whether both days are on one page or on two that follow each other. */
    private function onTwoPages(CalendarDate $start, int $days): bool
    {
        try {
            $end = $start->plusDays($days);
        } catch (NoSuchDate) {
            return false;
        }

        return abs(12 * ($end->year - $start->year) + $end->month - $start->month) <= 1;
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return match (true) {
            $sum instanceof WeekdayOf => $this->weekday($sum, $writer),
            $sum instanceof DaysIn => $this->daysIn($sum, $writer),
            $sum instanceof DateMove => $this->move($sum, $writer),
            $sum instanceof DatesApart => $this->apart($sum, $writer),
            default => throw new \LogicException('The month page is for dates.'),
        };
    }

    private function weekday(WeekdayOf $sum, Writer $writer): Working
    {
        $calendar = new OnTheCalendar($writer->style);
        $mark = [[$sum->date, 'start', '']];
        $answer = WordAnswer::weekday($sum->date->weekday());

        return new Working($this, [
            new Step(\sprintf('Turn to %s %d and find the %s.', MonthName::of($sum->date->month), $sum->date->year, MonthName::ordinal($sum->date->day)), $calendar->pages($mark)),
            new Step(\sprintf('Go up its column to the name at the top: it is a %s.', $answer->word), $calendar->pages($mark, $sum->date)),
        ], $answer);
    }

    private function daysIn(DaysIn $sum, Writer $writer): Working
    {
        $calendar = new OnTheCalendar($writer->style);
        [$year, $month] = [(int) $sum->year, (int) $sum->month];
        $days = CalendarDate::daysIn($year, $month);
        $last = CalendarDate::of($year, $month, $days);
        $steps = [new Step(\sprintf('Turn to %s %d.', MonthName::of($month), $year), $calendar->pages([[CalendarDate::of($year, $month, 1), 'passed', '']]))];
        $steps[] = new Step(\sprintf('The last day on the page is the %s: it has %d days.', MonthName::ordinal($days), $days), $calendar->pages([[$last, 'end', '']]));

        return new Working($this, $steps, new LengthAnswer(DaysIn::month($month, $year)->answer()->amount));
    }

    private function move(DateMove $sum, Writer $writer): Working
    {
        $calendar = new OnTheCalendar($writer->style);
        $start = $sum->start->exact() ?? throw new \LogicException('A page has its year.');
        $date = static fn (CalendarDate $date): string => $writer->date(StatedDate::of($date));
        $end = $start->plusDays($sum->direction * $sum->days());
        [$weeks, $days] = [intdiv($sum->days(), 7), $sum->days() % 7];
        $marks = [[$start, 'start', '']];
        $steps = [new Step(\sprintf('Find %s on its page: it is a %s.', $date($start), Weekday::name($start->weekday())), $calendar->pages($marks, asked: $end))];
        $now = $start;
        if ($weeks > 0) {
            for ($week = 1; $week <= $weeks; ++$week) {
                $now = $now->plusDays(7 * $sum->direction);
                $marks[] = [$now, 'passed', $sum->direction > 0 ? '+'.(7 * $week) : '−'.(7 * $week)];
            }
            $steps[] = new Step(\sprintf('%s: %s %s, to %s. It is a %s again.', 1 === $weeks ? 'A week' : $weeks.' weeks', 1 === $weeks ? 'one row' : $weeks.' rows', $sum->direction > 0 ? 'down' : 'up', $date($now), Weekday::name($now->weekday())), $calendar->pages($marks, asked: $end));
        }
        if ($days > 0) {
            for ($day = 1; $day <= $days; ++$day) {
                $now = $now->plusDays($sum->direction);
                $marks[] = [$now, 'passed', ($sum->direction > 0 ? '+' : '−').(7 * $weeks + $day)];
            }
            $steps[] = new Step(\sprintf('%s %s: to %s.', 1 === $days ? 'One day' : $days.' days', $sum->direction > 0 ? 'on' : 'back', $date($now)), $calendar->pages($marks, asked: $end));
        }
        $marks[] = [$now, 'end', ''];
        $answer = new DateAnswer(StatedDate::of($now, null !== $sum->start->weekday));
        $steps[] = new Step(\sprintf('The answer is %s.', $writer->answer($answer)), $calendar->pages($marks, asked: $end));

        return new Working($this, $steps, $answer);
    }

    private function apart(DatesApart $sum, Writer $writer): Working
    {
        $calendar = new OnTheCalendar($writer->style);
        $start = $sum->start->exact() ?? throw new \LogicException('A page has its year.');
        $end = $sum->end->exact() ?? throw new \LogicException('A page has its year.');
        $date = static fn (CalendarDate $date): string => $writer->date(StatedDate::of($date));
        $total = $sum->days();
        [$weeks, $days] = [intdiv($total, 7), $total % 7];
        $marks = [[$start, 'start', ''], [$end, 'end', '']];
        $steps = [new Step(\sprintf('Mark the first day, %s, and the last, %s.', $date($start), $date($end)), $calendar->pages($marks))];
        $now = $start;
        if ($weeks > 0) {
            for ($week = 1; $week <= $weeks; ++$week) {
                $now = $now->plusDays(7);
                $marks[] = [$now, $now->daysTo($end) > 0 ? 'passed' : 'end', (string) (7 * $week)];
            }
            $steps[] = new Step(\sprintf('Down a row is a week: %s to %s, %d days.', 1 === $weeks ? '1 week' : $weeks.' weeks', $date($now), 7 * $weeks), $calendar->pages($marks));
        }
        if ($days > 0) {
            for ($day = 1; $day <= $days; ++$day) {
                $now = $now->plusDays(1);
                $marks[] = [$now, $now->daysTo($end) > 0 ? 'passed' : 'end', (string) (7 * $weeks + $day)];
            }
            $steps[] = new Step(\sprintf('Along the row, day by day: %d more, to %s.', $days, $date($now)), $calendar->pages($marks));
        }
        $answer = new LengthAnswer($sum->given($sum->bothEnds ? $total + 1 : $total));
        if ($sum->bothEnds) {
            $steps[] = new Step('Both ends count, so the first day is counted, too: one day more.', $calendar->pages($marks));
        }
        $steps[] = new Step(\sprintf('It is %s%s.', $writer->answer($answer), $sum->bothEnds ? '' : ', the first day not counted'), $calendar->pages($marks));

        return new Working($this, $steps, $answer);
    }
}
