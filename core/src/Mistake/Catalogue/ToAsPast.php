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
 * Turns "to" into "past": 18 minutes to eight is written 8:18; 7:42 is said eighteen minutes past eight.
 *
 * Common practice, no source.
 */
final class ToAsPast implements Mistake
{
    public function id(): string
    {
        return 'to-as-past';
    }

    public function may(): string
    {
        return 'may be taking “to” for “past”';
    }

    public function look(): string
    {
        return '“To” counts up to the hour that is coming. Is it that hour already?';
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
        $said = StatedTime::open($time->hour12() % 12 + 1, 60 - $time->minute());

        return GivenTime::stated($sum->time->halfSaid ? $said->in($time->half()) : $said, TimeForm::Words === $sum->as);
    }
}
