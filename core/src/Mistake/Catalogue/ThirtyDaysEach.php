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
use Rostik\Core\Sum\DaysIn;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\Unit;
use Rostik\Core\Time\Weekday;

/**
 * Takes every month to have 30 days.
 *
 * Common practice, no source.
 */
final class ThirtyDaysEach implements Mistake
{
    public function id(): string
    {
        return 'thirty-days-each';
    }

    public function may(): string
    {
        return 'may be taking every month to have 30 days';
    }

    public function look(): string
    {
        return 'Look at the last day on the page of each month that is passed.';
    }

    public function model(): Model
    {
        return Model::Month;
    }

    public function predict(Sum $sum): ?Given
    {
        if ($sum instanceof DaysIn && null !== $sum->month) {
            return self::days(30);
        }
        if ($sum instanceof DatesApart) {
            $year = $sum->start->year ?? StatedDate::COMMON;
            $over = ($sum->end->year ?? $year + ([$sum->start->month, $sum->start->day] > [$sum->end->month, $sum->end->day] ? 1 : 0)) - $year;
            $days = 360 * $over + 30 * ($sum->end->month - $sum->start->month) + $sum->end->day - $sum->start->day + ($sum->bothEnds ? 1 : 0);

            return $sum->regroups() && $days > 0 ? GivenLength::amount($sum->given($days)) : null;
        }
        if (!$sum instanceof DateMove || $sum->byMonths() || !$sum->regroups()) {
            return null;
        }
        $place = 360 * ($sum->start->year ?? StatedDate::COMMON) + 30 * ($sum->start->month - 1) + $sum->start->day - 1 + $sum->direction * $sum->days();
        $weekday = null === $sum->start->weekday ? null : Weekday::after($sum->start->weekday, $sum->direction * $sum->days());

        return new GivenDate($place % 30 + 1, intdiv($place, 30) % 12 + 1, null === $sum->start->year ? null : intdiv($place, 360), $weekday);
    }

    private static function days(int $days): GivenLength
    {
        return GivenLength::amount(Amount::in(Duration::of($days * Unit::Day->size(), Chain::Clock), Unit::Day));
    }
}
