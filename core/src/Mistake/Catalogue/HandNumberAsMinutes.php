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
 * Reads the number that the minute hand points at: 1:20 read as 1:04. Shows on full fives.
 *
 * Common practice, no source.
 */
final class HandNumberAsMinutes implements FaceMistake
{
    public function id(): string
    {
        return 'hand-number-as-minutes';
    }

    public function may(): string
    {
        return 'may be reading the number at the minute hand as minutes';
    }

    public function look(): string
    {
        return 'Each number is five minutes more: count fives from the 12.';
    }

    public function model(): Model
    {
        return Model::Clock;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Rewrite || TimeForm::Digital !== $sum->as || ClockForm::Twelve !== $sum->time->form || 0 !== $sum->time->time()->minute() % 5) {
            return null;
        }
        $time = $sum->time->time();

        return GivenTime::of12($time->hour12(), 0 === $time->minute() ? 12 : intdiv($time->minute(), 5), $sum->time->halfSaid ? $time->half() : null);
    }
}
