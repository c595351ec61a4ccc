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
 * Reads the hour from the numeral that comes next, before the half is past, too: 4:20 read as 5:20.
 *
 * Common practice, no source.
 */
final class HourAhead implements FaceMistake
{
    public function id(): string
    {
        return 'hour-ahead';
    }

    public function may(): string
    {
        return 'may be reading the hour from the next number as soon as the hand has left the last';
    }

    public function look(): string
    {
        return 'Which number has the hour hand left? It is still that hour.';
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

        return 0 === $time->minute() ? null : GivenTime::of12($time->hour12() % 12 + 1, $time->minute(), $sum->time->halfSaid ? $time->half() : null);
    }
}
