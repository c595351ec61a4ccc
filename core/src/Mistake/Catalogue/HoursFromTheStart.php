<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\OnTheLine;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;

/**
 * Jumps to the o’clock, and counts the whole hours from the hour of the start all the same: 9:20 to 11:45 = 40 min and
 * 2 h and 45 min = 3 h 25 min.
 *
 * Common practice, no source.
 */
final class HoursFromTheStart implements Mistake
{
    public function id(): string
    {
        return 'hours-from-the-start';
    }

    public function may(): string
    {
        return 'may be counting the hours from the start after the jump to the o’clock';
    }

    public function look(): string
    {
        return 'After the jump to the o’clock, from where do the hours go on?';
    }

    public function model(): Model
    {
        return Model::Line;
    }

    public function predict(Sum $sum): ?Given
    {
        return $sum instanceof Elapsed && null !== OnTheLine::of($sum) ? GivenLength::amount(Amount::minutes($sum->minutes() + 60)) : null;
    }
}
