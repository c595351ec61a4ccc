<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\Given;
use Rostik\Core\Mistake\GivenTime;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\ClockForm;

/**
 * Has the reading of the clock right and leaves a.m. or p.m. as it was, though 12 was crossed.
 *
 * Common practice, no source.
 */
final class KeepsAmPm implements Mistake
{
    public function id(): string
    {
        return 'keeps-am-pm';
    }

    public function may(): string
    {
        return 'may be leaving a.m. or p.m. as it was though 12 was crossed';
    }

    public function look(): string
    {
        return 'Did we pass 12 on the way? Follow it on the day line.';
    }

    public function model(): string
    {
        return 'day';
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof ClockMove || ClockForm::Twelve !== $sum->start->form || !$sum->start->halfSaid) {
            return null;
        }
        $end = $sum->answer()->time->time();
        $half = $sum->start->time()->half();

        return $end->half() === $half ? null : GivenTime::of12($end->hour12(), $end->minute(), $half);
    }
}
