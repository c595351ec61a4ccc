<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenDate;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\OtherRate;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\DateMove;
use Rostik\Core\Sum\DatesApart;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\NoSuchDate;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\Unit;
use Rostik\Core\Time\Weekday;

/**
 * Takes a week to have five days, as a week at school has: 5 weeks = 25 days.
 *
 * Common practice, no source.
 */
final class WeekAsFive implements Mistake
{
    public function id(): string
    {
        return 'week-as-five';
    }

    public function may(): string
    {
        return 'may be counting five days to a week, as at school';
    }

    public function look(): string
    {
        return 'Say the days of a week aloud, the weekend too, and count them along a row.';
    }

    public function model(): Model
    {
        return Model::Month;
    }

    public function predict(Sum $sum): ?Given
    {
        if ($sum instanceof DatesApart && $sum->inWeeks && $sum->counted() >= 5) {
            [$weeks, $days] = [intdiv($sum->counted(), 5), $sum->counted() % 5];

            return GivenLength::of(AmountPart::whole($weeks, Unit::Week), ...(0 === $days ? [] : [AmountPart::whole($days, Unit::Day)]));
        }
        if ($sum instanceof Conversion) {
            return OtherRate::converted($sum, 5, Unit::Week);
        }
        if (!$sum instanceof DateMove || 0 === $sum->length->number(Unit::Week)) {
            return null;
        }
        $days = 5 * $sum->length->number(Unit::Week) + $sum->length->number(Unit::Day);
        try {
            $end = $sum->start->in($sum->start->year ?? StatedDate::COMMON)->plusDays($sum->direction * $days);
        } catch (NoSuchDate) {
            return null;
        }

        return new GivenDate($end->day, $end->month, null === $sum->start->year ? null : $end->year, null === $sum->start->weekday ? null : Weekday::after($sum->start->weekday, $sum->direction * $days));
    }
}
