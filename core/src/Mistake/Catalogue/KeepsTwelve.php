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
 * Keeps the noughts away: the hour after midnight stays 12 in 24-hour times: 12:20 a.m. as 24h = 12:20.
 *
 * Common practice, no source.
 */
final class KeepsTwelve implements Mistake
{
    public function id(): string
    {
        return 'keeps-twelve';
    }

    public function may(): string
    {
        return 'may be leaving 12 after midnight as it is, where a 24-hour clock begins at 00';
    }

    public function look(): string
    {
        return 'How many hours of the day are over just after midnight?';
    }

    public function model(): Model
    {
        return Model::Day;
    }

    public function predict(Sum $sum): ?Given
    {
        return $sum instanceof Rewrite && TimeForm::TwentyFour === $sum->as && $sum->time->halfSaid && $sum->time->minutes < 60
            ? GivenTime::of24(12, $sum->time->minutes) : null;
    }
}
