<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\LineJump;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Picture\LinePoint;
use Rostik\Core\Sum\DateAnswer;
use Rostik\Core\Sum\DateMove;
use Rostik\Core\Sum\DatesApart;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\MonthName;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\Weekday;

/** On a line of days: to the end of the month, whole months, the rest. */
final class DaysLineMethod implements Method
{
    public const ID = 'days-line';

    /** A line of more days than this, in jumps from month to month, has no room for its labels. */
    private const LONGEST = 370;

    public function id(): string
    {
        return self::ID;
    }

    public function title(): string
    {
        return 'On a line of days';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        $days = match (true) {
            $sum instanceof DateMove && !$sum->byMonths() => $sum->days(),
            $sum instanceof DatesApart => $sum->days(),
            default => 0,
        };

        return $days < 1 || $days > self::LONGEST ? null : new Suit(75, $sum->regroups() ? ($sum instanceof DateMove && $sum->direction < 0 ? 'Back over the first of the month, and then further back from there.' : 'To the end of the month first, and then on from there.') : 'It stays within the month: one jump.');
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return match (true) {
            $sum instanceof DateMove => $this->move($sum, $writer),
            $sum instanceof DatesApart => $this->apart($sum, $writer),
            default => throw new \LogicException('The line of days is for dates.'),
        };
    }

    private function move(DateMove $sum, Writer $writer): Working
    {
        $year = $sum->start->year ?? $this->yearOf($sum->start);
        $start = $sum->start->in($year);
        $saysYear = null !== $sum->start->year;
        $sign = $sum->direction > 0 ? '+' : '−';
        $ways = $this->ways($start, $sum->days(), $sum->direction);
        $end = $ways[\count($ways) - 1][1];
        [$low, $high] = $sum->direction > 0 ? [$start, $end] : [$end, $start];
        $points = [$this->point($start, $writer, $saysYear)];
        $say = 'Start at '.$writer->date($sum->start).($sum->direction > 0 ? '.' : ' and go back.');
        if (0 === $sum->days() % 7 && $sum->days() > 0) {
            $weeks = intdiv($sum->days(), 7);
            $say .= \sprintf(1 === $weeks ? ' A week is 7 days.' : ' %1$d weeks: %1$d × 7 = %2$d days.', $weeks, $sum->days());
        }
        $steps = [new Step($say, $this->line($low, $high, $points, []))];
        $jumps = [];
        $done = 0;
        foreach ($ways as [$from, $to, $why]) {
            $size = abs($from->daysTo($to));
            $done += $size;
            $points[] = $this->point($to, $writer, $saysYear, $done === $sum->days());
            $jumps[] = new LineJump($from->number(), $to->number(), $sign.' '.$this->days($size), 'd');
            $left = $sum->days() - $done;
            $steps[] = new Step(\sprintf('%s: %s.%s', $why, $this->days($size), $left > 0 ? \sprintf(' %s left.', $this->days($left)) : \sprintf(' That is %s.', $this->said($to, $writer, $saysYear))), $this->line($low, $high, $points, $jumps));
        }
        $weekday = null === $sum->start->weekday ? null : Weekday::after($sum->start->weekday, $sum->direction * $done);
        $answer = new DateAnswer(StatedDate::stated($saysYear ? $end->year : null, $end->month, $end->day, $weekday));
        $steps[] = new Step(\sprintf('The answer is %s.', $writer->answer($answer)), $this->line($low, $high, $points, $jumps));

        return new Working($this, $steps, $answer);
    }

    private function apart(DatesApart $sum, Writer $writer): Working
    {
        $year = $sum->start->year ?? $this->yearOf($sum->start, $sum->end);
        [$start, $end] = [$sum->startIn($year), $sum->endIn($year)];
        $saysYear = null !== $sum->start->year;
        $ways = $this->ways($start, $start->daysTo($end), 1);
        $first = [$this->point($start, $writer, $saysYear)];
        $last = $this->point($end, $writer, $saysYear);
        $steps = [new Step(\sprintf('Mark the first day, %s, and the last, %s.', $writer->date($sum->start), $writer->date($sum->end)), $this->line($start, $end, [...$first, $last], []))];
        $jumps = [];
        $sizes = [];
        foreach ($ways as [$from, $to, $why]) {
            $size = $from->daysTo($to);
            $sizes[] = $size;
            if (0 !== $to->daysTo($end)) {
                $first[] = $this->point($to, $writer, $saysYear);
            }
            $jumps[] = new LineJump($from->number(), $to->number(), $this->days($size), 'd');
            $steps[] = new Step(\sprintf('%s: %s.', $why, $this->days($size)), $this->line($start, $end, [...$first, $last], $jumps));
        }
        $total = array_sum($sizes);
        $answer = new LengthAnswer($sum->given($total + ($sum->bothEnds ? 1 : 0)));
        $line = $this->line($start, $end, [...$first, $last], $jumps);
        if (\count($sizes) > 1 || $sum->bothEnds || $sum->inWeeks) {
            $steps[] = new Step(\sprintf('Altogether: %s%s%s.', \count($sizes) > 1 ? implode(' + ', $sizes).' = ' : '', $this->days($total), $sum->bothEnds ? \sprintf(', and with the first day counted, too, %s', $this->days($total + 1)) : ''), $line);
        }
        $steps[] = new Step(\sprintf('It is %s%s.', $writer->answer($answer), $sum->bothEnds ? '' : ', the first day not counted'), $line);

        return new Working($this, $steps, $answer);
    }

    /** A year in which these days are, where none is said and it makes no difference. */
    private function yearOf(StatedDate ...$dates): int
    {
        return [] === array_filter($dates, static fn (StatedDate $date): bool => 2 === $date->month && 29 === $date->day) ? StatedDate::COMMON : StatedDate::LEAP;
    }

    /**
     * The jumps: to the end of the month, from month to month, the rest.
     *
     * @return non-empty-list<array{CalendarDate, CalendarDate, string}> from, to, and what it is
     */
    private function ways(CalendarDate $start, int $days, int $direction): array
    {
        $end = $start->plusDays($direction * $days);
        $ways = [];
        $now = $start;
        while ($now->month !== $end->month || $now->year !== $end->year) {
            // forwards from last day to last day, backwards from the last day of a month to that of the one before
            $to = $direction > 0
                ? CalendarDate::of($now->year, $now->month, CalendarDate::daysIn($now->year, $now->month))
                : CalendarDate::of($now->year, $now->month, 1)->plusDays(-1);
            if (0 === $now->daysTo($to)) {
                $next = $to->plusDays(1);
                $to = CalendarDate::of($next->year, $next->month, CalendarDate::daysIn($next->year, $next->month));
                if (($next->month === $end->month && $next->year === $end->year) || $now->daysTo($to) > $now->daysTo($end)) {
                    break;
                }
                $ways[] = [$now, $to, 'The whole of '.MonthName::of($next->month)];
            } else {
                $whole = $direction < 0 && CalendarDate::daysIn($now->year, $now->month) === $now->day;
                $ways[] = [$now, $to, match (true) {
                    $direction > 0 => 'To the end of '.MonthName::of($now->month),
                    $whole => 'The whole of '.MonthName::of($now->month),
                    default => 'Back to the end of '.MonthName::of($to->month),
                }];
            }
            $now = $to;
        }
        if (0 !== $now->daysTo($end)) {
            $ways[] = [$now, $end, [] === $ways ? 'Within the month' : 'The rest'];
        }

        return [] === $ways ? throw new \LogicException('There is a way to go.') : $ways;
    }

    private function days(int $days): string
    {
        return 1 === $days ? '{d:1 day}' : '{d:'.$days.' days}';
    }

    private function said(CalendarDate $date, Writer $writer, bool $saysYear): string
    {
        return $writer->date($saysYear ? StatedDate::of($date) : StatedDate::stated(null, $date->month, $date->day));
    }

    private function point(CalendarDate $date, Writer $writer, bool $saysYear, bool $asked = false): LinePoint
    {
        $name = substr(MonthName::of($date->month), 0, 3);

        return new LinePoint($date->number(), $writer->style->monthFirst ? $name.' '.$date->day : $date->day.' '.$name, CalendarDate::daysIn($date->year, $date->month) === $date->day ? 'end of the month' : '', $asked);
    }

    /**
     * @param list<LinePoint> $points
     * @param list<LineJump>  $jumps
     */
    private function line(CalendarDate $low, CalendarDate $high, array $points, array $jumps): LinePicture
    {
        usort($points, static fn (LinePoint $a, LinePoint $b): int => $a->at <=> $b->at);

        return new LinePicture($low->number() - 1, $high->number() + 1, 7, $points, $jumps);
    }
}
