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
 * Adds 10 rather than 12 after noon: 5:05 p.m. as 24h = 15:05.
 *
 * Common practice, no source.
 */
final class AddsTen implements Mistake
{
    public function id(): string
    {
        return 'adds-ten';
    }

    public function may(): string
    {
        return 'may be adding 10 rather than 12 to the hour';
    }

    public function look(): string
    {
        return '1 o’clock after noon is 13:00: how much was added?';
    }

    public function model(): Model
    {
        return Model::Day;
    }

    public function predict(Sum $sum): ?Given
    {
        return $sum instanceof Rewrite && TimeForm::TwentyFour === $sum->as && $sum->time->halfSaid && $sum->time->minutes >= 13 * 60
            ? GivenTime::of24($sum->time->time()->hour() - 2, $sum->time->time()->minute()) : null;
    }
}
