<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\HalfOfDay;

/**
 * Takes 10 rather than 12 from a 24-hour time: 17:05 = 7:05 p.m.
 *
 * Common practice, no source.
 */
final class TakesTen implements Mistake
{
    public function id(): string
    {
        return 'takes-ten';
    }

    public function may(): string
    {
        return 'may be taking 10 rather than 12 from the hour';
    }

    public function look(): string
    {
        return '13:00 is 1 o’clock: how much was taken away?';
    }

    public function model(): Model
    {
        return Model::Day;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Rewrite || TimeForm::Twelve !== $sum->as || $sum->time->minutes < 13 * 60) {
            return null;
        }

        return GivenTime::of12($sum->time->time()->hour() - 10, $sum->time->time()->minute(), HalfOfDay::Pm);
    }
}
