<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\WrittenPicture;
use Rostik\Core\Sum\DateAnswer;
use Rostik\Core\Sum\DateMove;
use Rostik\Core\Sum\DateOrder;
use Rostik\Core\Sum\DateOrderAnswer;
use Rostik\Core\Sum\DaysIn;
use Rostik\Core\Sum\LeapYear;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\WordAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\MonthName;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\Unit;

/**
 * By the rules of the calendar: which years are leap years (Gregorian calendar: every fourth, not the hundredth, but the
 * four-hundredth), how long each month is, the same day of another month, year before month before day.
 */
final class CalendarRulesMethod implements Method
{
    public const ID = 'calendar-rules';

    public function id(): string
    {
        return self::ID;
    }

    public function title(): string
    {
        return 'By the rules';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        return match (true) {
            $sum instanceof LeapYear => new Suit(80, 'Divide by 4, and look out for whole hundreds.'),
            $sum instanceof DaysIn => new Suit(70, 'The rules of the calendar say how many days it has.'),
            $sum instanceof DateMove && ($sum->byMonths() || 0 === $sum->days()) => new Suit(80, 'By months and years the day stays: only the month and the year change.'),
            $sum instanceof DateOrder => new Suit(80, 'Look at the year first, then at the month, then at the day.'),
            default => null,
        };
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return match (true) {
            $sum instanceof LeapYear => $this->leap($sum),
            $sum instanceof DaysIn => $this->daysIn($sum),
            $sum instanceof DateMove => $this->months($sum, $writer),
            $sum instanceof DateOrder => $this->order($sum, $writer),
            default => throw new \LogicException('There is no rule for it.'),
        };
    }

    /**
     * The lines that say whether a year is a leap year, and whether it is.
     *
     * @return array{non-empty-list<string>, bool}
     */
    private function rule(int $year): array
    {
        if (0 !== $year % 4) {
            return [[\sprintf('%d ÷ 4 = %d, and %d is left over.', $year, intdiv($year, 4), $year % 4), \sprintf('%d is not a leap year.', $year)], false];
        }
        $lines = [\sprintf('%d ÷ 4 = %d, with nothing left over.', $year, intdiv($year, 4))];
        if (0 !== $year % 100) {
            return [[...$lines, 'It is not a whole hundred.', \sprintf('%d is a leap year.', $year)], true];
        }
        $lines[] = \sprintf('It is a whole hundred: %d ÷ 400 = %d, %s.', $year, intdiv($year, 400), 0 === $year % 400 ? 'with nothing left over' : 'and '.($year % 400).' is left over');
        $lines[] = \sprintf('%d is %s leap year.', $year, 0 === $year % 400 ? 'a' : 'not a');

        return [$lines, 0 === $year % 400];
    }

    /**
     * One step for each line, those before it standing above.
     *
     * @param non-empty-list<string> $lines
     *
     * @return non-empty-list<Step>
     */
    private function steps(array $lines): array
    {
        $steps = [];
        foreach ($lines as $i => $line) {
            $steps[] = new Step($line, new WrittenPicture(\array_slice($lines, 0, $i + 1)));
        }

        return $steps;
    }

    private function leap(LeapYear $sum): Working
    {
        [$lines, $leap] = $this->rule($sum->year);

        return new Working($this, $this->steps($lines), WordAnswer::yesOrNo($leap));
    }

    private function daysIn(DaysIn $sum): Working
    {
        $year = $sum->year ?? StatedDate::COMMON;
        $leapMatters = null === $sum->month || 2 === $sum->month;
        [$lines, $leap] = $leapMatters ? $this->rule($year) : [[], false];
        $days = match (true) {
            null === $sum->month => $leap ? 366 : 365,
            2 === $sum->month => $leap ? 29 : 28,
            \in_array($sum->month, [4, 6, 9, 11], true) => 30,
            default => 31,
        };
        $lines[] = match (true) {
            null === $sum->month => \sprintf('A %s has %d days.', $leap ? 'leap year' : 'common year', $days),
            2 === $sum->month => \sprintf('February has %d days, in a leap year 29.', 28),
            30 === $days => 'April, June, September and November have 30 days.',
            default => \sprintf('April, June, September and November have 30 days; %s is not one of them.', MonthName::of($sum->month)),
        };
        $lines[] = \sprintf('So it has %d days.', $days);

        return new Working($this, $this->steps($lines), new LengthAnswer(Amount::in(Duration::of($days * Unit::Day->size(), Chain::Clock), Unit::Day)));
    }

    private function months(DateMove $sum, Writer $writer): Working
    {
        $year = $sum->start->year ?? StatedDate::LEAP;
        $months = $sum->byMonths() ? $sum->length->duration->count : 0;
        [$years, $rest] = [intdiv($months, 12), $months % 12];
        $sign = $sum->direction > 0 ? '+' : '−';
        $lines = [\sprintf('The day stays: the %s.', MonthName::ordinal($sum->start->day))];
        $now = 12 * $year + $sum->start->month - 1;
        if ($rest > 0) {
            $now += $sum->direction * $rest;
            $lines[] = \sprintf('%s %s %d %s: %s%s.', MonthName::of($sum->start->month), $sign, $rest, 1 === $rest ? 'month' : 'months', MonthName::of($now % 12 + 1), intdiv($now, 12) !== $year && null !== $sum->start->year ? ' '.intdiv($now, 12) : '');
        }
        if ($years > 0 && null !== $sum->start->year) {
            $before = intdiv($now, 12);
            $lines[] = \sprintf('%d %s %d = %d.', $before, $sign, $years, $before + $sum->direction * $years);
        }
        $now += $sum->direction * 12 * $years;
        $end = CalendarDate::of(intdiv($now, 12), $now % 12 + 1, $sum->start->day);
        $answer = new DateAnswer(null === $sum->start->year ? StatedDate::stated(null, $end->month, $end->day, 0 === $months ? $sum->start->weekday : null) : StatedDate::of($end, null !== $sum->start->weekday));
        $lines[] = \sprintf('The answer is %s.', $writer->answer($answer));

        return new Working($this, $this->steps($lines), $answer);
    }

    private function order(DateOrder $sum, Writer $writer): Working
    {
        $places = [];
        foreach ($sum->dates as $i => $date) {
            $places[$i] = [$date->year ?? 0, $date->month, $date->day];
        }
        $sum->descends ? arsort($places) : asort($places);
        $answer = new DateOrderAnswer($sum, array_keys($places));
        $years = \count(array_unique(array_column($places, 0))) > 1;

        return new Working($this, $this->steps([
            $years ? 'Look at the years first.' : 'All are of one year: look at the months.',
            ($years ? 'Where the year is the same, look at the month' : 'Where the month is the same, look at the day').($years ? ', and then at the day.' : '.'),
            ($sum->descends ? 'Latest first: ' : 'Earliest first: ').$writer->answer($answer).'.',
        ]), $answer);
    }
}
