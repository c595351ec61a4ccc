<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenDate;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenWord;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\DateMove;
use Rostik\Core\Sum\DatesApart;
use Rostik\Core\Sum\DaysIn;
use Rostik\Core\Sum\LeapYear;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\NoSuchDate;
use Rostik\Core\Time\Unit;

/**
 * Gives February 28 days in every year.
 *
 * Common practice, no source.
 */
final class ForgetsLeapDay implements Mistake
{
    public function id(): string
    {
        return 'forgets-leap-day';
    }

    public function may(): string
    {
        return 'may be forgetting that February has a day more in a leap year';
    }

    public function look(): string
    {
        return 'Ask first whether it is a leap year, and turn to the page of February.';
    }

    public function model(): Model
    {
        return Model::Month;
    }

    public function predict(Sum $sum): ?Given
    {
        return match (true) {
            $sum instanceof LeapYear => $this->isLeap($sum->year) ? new GivenWord('no') : null,
            $sum instanceof DaysIn => match (true) {
                null === $sum->year || !$this->isLeap($sum->year) => null,
                null === $sum->month => $this->days(365),
                2 === $sum->month => $this->days(28),
                default => null,
            },
            $sum instanceof DatesApart => $this->apart($sum),
            $sum instanceof DateMove => $this->move($sum),
            default => null,
        };
    }

    private function isLeap(int $year): bool
    {
        return CalendarDate::isLeap($year);
    }

    private function days(int $days): GivenLength
    {
        return GivenLength::amount(Amount::in(Duration::of($days * Unit::Day->size(), Chain::Clock), Unit::Day));
    }

    private function apart(DatesApart $sum): ?Given
    {
        $start = $sum->start->exact();
        $end = $sum->end->exact();
        $leapDays = null === $start || null === $end ? 0 : $this->leapDays($start, $end);

        return 0 === $leapDays || $sum->counted() <= $leapDays ? null : GivenLength::amount($sum->given($sum->counted() - $leapDays));
    }

    private function move(DateMove $sum): ?Given
    {
        $start = $sum->start->exact();
        if (null === $start || $sum->byMonths()) {
            return null;
        }
        try {
            $end = $start->plusDays($sum->direction * $sum->days());
            // on the way back the day that is reached counts, and not the one that is left
            $leapDays = $sum->direction > 0 ? $this->leapDays($start, $end) : $this->leapDays($end->plusDays(-1), $start->plusDays(-1));
            // the day that is not thought of is one further
            $taken = $end->plusDays($sum->direction * $leapDays);
        } catch (NoSuchDate) {
            return null;
        }

        return 0 === $leapDays ? null : new GivenDate($taken->day, $taken->month, $taken->year, null === $sum->start->weekday ? null : $taken->weekday());
    }

    /** How many 29ths of February come after the one day, up to the other. */
    private function leapDays(CalendarDate $start, CalendarDate $end): int
    {
        $count = 0;
        for ($year = $start->year; $year <= $end->year && $year < $start->year + 1200; ++$year) {
            if ($this->isLeap($year)) {
                $day = CalendarDate::of($year, 2, 29);
                $count += $start->daysTo($day) > 0 && $day->daysTo($end) >= 0 ? 1 : 0;
            }
        }

        return $count;
    }
}
