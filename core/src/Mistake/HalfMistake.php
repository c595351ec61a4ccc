<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;

/** What mistakes with a.m. and p.m. share: the hour and the minutes are right, the half of the day is not. */
abstract class HalfMistake implements Mistake
{
    final public function model(): Model
    {
        return Model::Day;
    }

    final public function predict(Sum $sum): ?Given
    {
        if (!($sum instanceof ClockMove || $sum instanceof SecondMove) || ClockForm::Twelve !== $sum->start->form || !$sum->start->halfSaid) {
            return null;
        }
        $time = $sum->answer()->time;
        $end = $time->time();
        $written = $this->written($sum, $sum->start->time()->half(), $end->half());

        return $end->half() === $written ? null : GivenTime::of12($end->hour12(), $end->minute(), $written)->withSecond($time->second);
    }

    /** The half of the day that is written; the one the sum ends in where the mistake does not show. */
    abstract protected function written(ClockMove|SecondMove $sum, HalfOfDay $start, HalfOfDay $end): HalfOfDay;
}
