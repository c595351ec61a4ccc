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
 * Reads the hour hand as minutes and the minute hand as hours: 3:30 read as 6:15.
 *
 * Common practice, no source.
 */
final class SwapsHands implements FaceMistake
{
    public function id(): string
    {
        return 'swaps-hands';
    }

    public function may(): string
    {
        return 'may be changing the two hands over';
    }

    public function look(): string
    {
        return 'Which hand is the short one? Hour hand first: what number has it just passed?';
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

        return GivenTime::of12(((int) round($time->minute() / 5) + 11) % 12 + 1, $time->hour12() % 12 * 5, $sum->time->halfSaid ? $time->half() : null);
    }
}
