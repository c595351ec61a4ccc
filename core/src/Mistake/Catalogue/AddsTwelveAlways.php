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
 * Adds 12 to a.m. times too: 8:25 a.m. as 24h = 20:25.
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
        return 'may be adding 12 to morning times too';
    }

    public function look(): string
    {
        return 'Is it before noon? Then the hour stays as it is.';
    }

    public function model(): Model
    {
        return Model::Day;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Rewrite || TimeForm::TwentyFour !== $sum->as || !$sum->time->halfSaid || HalfOfDay::Am !== $sum->time->time()->half() || $sum->time->minutes < 60) {
            return null;
        }

        return GivenTime::of24($sum->time->time()->hour() + 12, $sum->time->time()->minute());
    }
}
