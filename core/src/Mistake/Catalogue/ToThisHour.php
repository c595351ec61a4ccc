<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\Given;
use Rostik\Core\Mistake\GivenTime;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\StatedTime;

/**
 * Keeps the spoken hour, the minutes right: 18 minutes to eight is written 8:42; 7:42 is said eighteen minutes to seven.
 *
 * Common practice, no source.
 */
final class ToThisHour implements Mistake
{
    public function id(): string
    {
        return 'to-this-hour';
    }

    public function may(): string
    {
        return 'may be keeping the hour that is heard, or seen';
    }

    public function look(): string
    {
        return '“To eight”: is it eight yet? The hour is still the one before.';
    }

    public function model(): string
    {
        return 'clock';
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Rewrite || (TimeForm::Digital !== $sum->as && TimeForm::Words !== $sum->as) || $sum->time->time()->minute() <= 30) {
            return null;
        }
        $time = $sum->time->time();
        $hour = TimeForm::Words === $sum->as ? ($time->hour12() + 10) % 12 + 1 : $time->hour12() % 12 + 1;
        $kept = StatedTime::open($hour, $time->minute());

        return GivenTime::stated($sum->time->halfSaid ? $kept->in($time->half()) : $kept, TimeForm::Words === $sum->as);
    }
}
