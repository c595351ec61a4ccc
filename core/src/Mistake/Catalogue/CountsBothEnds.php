<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenDate;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\DateMove;
use Rostik\Core\Sum\DatesApart;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\NoSuchDate;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\Unit;
use Rostik\Core\Time\Weekday;

/**
 * Counts the hours named, the first and the last included: one hour too many; or the days, the first included: one day
 * too many between dates, a day too early when it is so many days on. Shows where it is whole hours, and with dates.
 *
 * Common practice, no source.
 */
final class CountsBothEnds implements Mistake
{
    public function id(): string
    {
        return 'counts-both-ends';
    }

    public function may(): string
    {
        return 'may be counting the first hour, or day, as well as the last';
    }

    public function look(): string
    {
        return 'Count the jumps from one to the next, not the hours or days that are named.';
    }

    public function model(): Model
    {
        return Model::Line;
    }

    public function predict(Sum $sum): ?Given
    {
        if ($sum instanceof DatesApart) {
            return $sum->bothEnds ? null : GivenLength::amount($sum->given($sum->days() + 1));
        }
        if ($sum instanceof DateMove) {
            return $this->aDayShort($sum);
        }
        if (!$sum instanceof Elapsed || !$sum->start->halfSaid || !$sum->end->halfSaid || 0 !== $sum->minutes() % 60) {
            return null;
        }

        return GivenLength::amount(Amount::minutes($sum->minutes() + 60));
    }

    /** The first day is said to be the first of so many; who goes by weeks does not count days. */
    private function aDayShort(DateMove $sum): ?GivenDate
    {
        if ($sum->byMonths() || $sum->days() < 2 || 0 !== $sum->length->number(Unit::Week)) {
            return null;
        }
        $days = $sum->direction * ($sum->days() - 1);
        try {
            $end = $sum->start->in($sum->start->year ?? StatedDate::COMMON)->plusDays($days);
        } catch (NoSuchDate) {
            return null;
        }

        return new GivenDate($end->day, $end->month, null === $sum->start->year ? null : $end->year, null === $sum->start->weekday ? null : Weekday::after($sum->start->weekday, $days));
    }
}
