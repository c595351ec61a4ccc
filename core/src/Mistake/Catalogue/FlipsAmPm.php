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
 * Changes a.m. or p.m. though neither noon nor midnight was crossed.
 *
 * Common practice, no source.
 */
final class FlipsAmPm implements Mistake
{
    public function id(): string
    {
        return 'flips-am-pm';
    }

    public function may(): string
    {
        return 'may be changing a.m. or p.m. though 12 was not crossed';
    }

    public function look(): string
    {
        return 'When does a.m. become p.m.? Only at noon, and back at midnight.';
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

        return $end->half() !== $half || abs($sum->minutes()) >= 720 ? null : GivenTime::of12($end->hour12(), $end->minute(), $half->other());
    }
}
