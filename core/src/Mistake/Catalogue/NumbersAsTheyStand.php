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
use Rostik\Core\Time\StatedTime;

/**
 * Keeps the two numbers in the order in which they stand: 5 past 4 = 5:04; 10 to 3 = 10:03; 4:05 in words is four minutes
 * past five. Shows up to twelve minutes past or to.
 *
 * Common practice, no source.
 */
final class NumbersAsTheyStand implements Mistake
{
    public function id(): string
    {
        return 'numbers-as-they-stand';
    }

    public function may(): string
    {
        return 'may be keeping the numbers in the order in which they are said';
    }

    public function look(): string
    {
        return 'Which number is the hour? It comes first in digits.';
    }

    public function model(): Model
    {
        return Model::Clock;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Rewrite || (TimeForm::Digital !== $sum->as && TimeForm::Words !== $sum->as) || ClockForm::Twelve !== $sum->time->form) {
            return null;
        }
        $time = $sum->time->time();
        $inWords = TimeForm::Words === $sum->as;
        $to = !$inWords && $time->minute() > 30;
        $said = $to ? 60 - $time->minute() : $time->minute();
        if ($said < 1 || $said > 12) {
            return null;
        }
        $told = StatedTime::open($said, $to ? $time->hour12() % 12 + 1 : $time->hour12());

        return GivenTime::stated($sum->time->halfSaid ? $told->in($time->half()) : $told, $inWords);
    }
}
