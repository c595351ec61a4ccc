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

/**
 * Adds 12 to a.m. times too, and to 12 itself: 8:25 a.m. as 24h = 20:25; 12:40 p.m. = 24:40.
 *
 * Common practice, no source.
 */
final class AddsTwelveAlways implements Mistake
{
    public function id(): string
    {
        return 'adds-twelve-always';
    }

    public function may(): string
    {
        return 'may be adding 12 to every hour, to those of the morning and to 12 too';
    }

    public function look(): string
    {
        return 'Is it before 1 p.m.? Then nothing is added.';
    }

    public function model(): Model
    {
        return Model::Day;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Rewrite || TimeForm::TwentyFour !== $sum->as || !$sum->time->halfSaid || 0 === $sum->time->minutes || $sum->time->minutes >= 13 * 60) {
            return null;
        }

        return GivenTime::of24($sum->time->time()->hour12() + 12, $sum->time->time()->minute());
    }
}
