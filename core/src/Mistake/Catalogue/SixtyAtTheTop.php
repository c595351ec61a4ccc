<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Mistake\FaceMistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;

/**
 * Counts the full round of the minute hand: 8 o’clock = 8:60.
 *
 * Common practice, no source.
 */
final class SixtyAtTheTop implements FaceMistake
{
    public function id(): string
    {
        return 'sixty-at-the-top';
    }

    public function may(): string
    {
        return 'may be writing 60 where the minute hand points at the 12';
    }

    public function look(): string
    {
        return 'How many minutes after the hour is it when the long hand stands at the top?';
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

        return 0 === $time->minute() ? GivenTime::of12($time->hour12(), 60, $sum->time->halfSaid ? $time->half() : null) : null;
    }
}
