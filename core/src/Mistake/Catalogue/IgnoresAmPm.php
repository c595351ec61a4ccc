<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenOrder;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;

/**
 * Reads both times in the same half of the day and takes the difference of the 12-hour readings; puts times in order by
 * their digits alone.
 *
 * Common practice, no source.
 */
final class IgnoresAmPm implements Mistake
{
    public function id(): string
    {
        return 'ignores-am-pm';
    }

    public function may(): string
    {
        return 'may be overlooking a.m. and p.m.';
    }

    public function look(): string
    {
        return 'Pin both times on the day line. Which half of the day is each in?';
    }

    public function model(): Model
    {
        return Model::Day;
    }

    public function predict(Sum $sum): ?Given
    {
        if ($sum instanceof Elapsed) {
            $start = $sum->start;
            $end = $sum->end;
            $sameHalf = $start->time()->half() === $end->time()->half();
            if (ClockForm::Twelve !== $start->form || ClockForm::Twelve !== $end->form || !$start->halfSaid || !$end->halfSaid || ($sameHalf && !$sum->overMidnight())) {
                return null;
            }
            $minutes = abs($this->digits($end) - $this->digits($start));

            return 0 === $minutes ? null : GivenLength::amount(Amount::minutes($minutes));
        }
        if (!$sum instanceof Order || [] === $sum->times) {
            return null;
        }
        $keys = [];
        foreach ($sum->times as $time) {
            if (ClockForm::Twelve !== $time->form) {
                return null;
            }
            $keys[] = $this->digits($time);
        }

        return new GivenOrder($sum->arranged($keys), $sum->times, $keys);
    }

    /** The digits as a number of minutes: 12:15 is later than 9:00. */
    private function digits(StatedTime $time): int
    {
        return 60 * $time->time()->hour12() + $time->time()->minute();
    }
}
