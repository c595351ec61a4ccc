<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;

/**
 * Goes on past 12 and keeps a.m. or p.m. as it was: 10:50 p.m. + 3 h = 13:50 p.m. From the morning on either may be
 * written: 13:50 a.m., or 13:50 p.m. by those who know that it is afternoon.
 *
 * Common practice, no source.
 */
final class PastTwelve implements Mistake
{
    public function id(): string
    {
        return 'past-twelve';
    }

    public function may(): string
    {
        return 'may be going on past 12 and still writing a.m. or p.m.';
    }

    public function look(): string
    {
        return 'After 12 a 12-hour clock begins again at 1. With 13, 14 … there is no a.m. or p.m.';
    }

    public function model(): Model
    {
        return Model::Clock;
    }

    public function predict(Sum $sum): ?Given
    {
        if ($sum instanceof Later && ClockForm::Twelve === $sum->start->form && $sum->start->halfSaid) {
            $minutes = 60 * $sum->start->time()->hour12() + $sum->start->time()->minute() + $sum->minutes();

            return $minutes < 13 * 60 || $minutes >= 24 * 60 ? null : GivenTime::pastTwelve(intdiv($minutes, 60), $minutes % 60, $sum->start->time()->half());
        }
        if (!$sum instanceof Rewrite || TimeForm::Twelve !== $sum->as || $sum->time->minutes < 13 * 60) {
            return null;
        }

        return GivenTime::of12($sum->time->time()->hour(), $sum->time->time()->minute(), HalfOfDay::Pm);
    }
}
