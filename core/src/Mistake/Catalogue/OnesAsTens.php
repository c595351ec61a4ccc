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
use Rostik\Core\Time\ClockForm;

/**
 * Writes up to five minutes past in the place of the tens: 5 past 4 = 4:50.
 *
 * Common practice, no source.
 */
final class OnesAsTens implements Mistake
{
    public function id(): string
    {
        return 'ones-as-tens';
    }

    public function may(): string
    {
        return 'may be writing few minutes as tens, without the nought before them';
    }

    public function look(): string
    {
        return 'Where do the ones of the minutes stand? What stands before them?';
    }

    public function model(): Model
    {
        return Model::Clock;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Rewrite || TimeForm::Digital !== $sum->as || ClockForm::Twelve !== $sum->time->form) {
            return null;
        }
        $time = $sum->time->time();
        $minute = $time->minute();

        return $minute < 1 || $minute > 5 ? null : GivenTime::of12($time->hour12(), 10 * $minute, $sum->time->halfSaid ? $time->half() : null);
    }
}
