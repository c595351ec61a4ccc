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
 * Reads the number that the second hand points at: 25 seconds read as 5. Shows on full fives.
 *
 * Common practice, no source.
 */
final class HandNumberAsSeconds implements FaceMistake
{
    public function id(): string
    {
        return 'hand-number-as-seconds';
    }

    public function may(): string
    {
        return 'may be reading the number at the second hand as seconds';
    }

    public function look(): string
    {
        return 'Each number is five seconds more: count fives from the 12 to the second hand.';
    }

    public function model(): Model
    {
        return Model::Clock;
    }

    public function predict(Sum $sum): ?Given
    {
        $second = $sum instanceof Rewrite && TimeForm::Digital === $sum->as && ClockForm::Twelve === $sum->time->form ? $sum->time->second : null;
        if (!$sum instanceof Rewrite || null === $second || 0 !== $second % 5) {
            return null;
        }

        return GivenTime::stated($sum->time)->withSecond(0 === $second ? 12 : intdiv($second, 5));
    }
}
