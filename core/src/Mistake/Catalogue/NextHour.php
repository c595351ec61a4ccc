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
 * Reads the hour that the hand is nearest to or nearing, from 30 minutes on: 4:45 read as 5:45.
 *
 * Common practice, no source.
 */
final class NextHour implements FaceMistake
{
    public function id(): string
    {
        return 'next-hour';
    }

    public function may(): string
    {
        return 'may be reading the hour that the hand is coming to';
    }

    public function look(): string
    {
        return 'Has the hour hand reached that number yet? Which has it just passed?';
    }

    public function model(): Model
    {
        return Model::Clock;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Rewrite || TimeForm::Digital !== $sum->as || ClockForm::Twelve !== $sum->time->form || $sum->time->time()->minute() < 30) {
            return null;
        }
        $time = $sum->time->time();

        return GivenTime::of12($time->hour12() % 12 + 1, $time->minute(), $sum->time->halfSaid ? $time->half() : null);
    }
}
