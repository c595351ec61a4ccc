<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;

/**
 * Takes only the hours several times, or shares only them, and leaves the minutes as they stand: 3 x 1 h 25 min = 3 h
 * 25 min; 6 h 45 min / 3 = 2 h 45 min.
 *
 * Common practice, no source.
 */
final class OnlyTheHours implements Mistake
{
    public function id(): string
    {
        return 'only-the-hours';
    }

    public function may(): string
    {
        return 'may be working with the hours and leaving the minutes as they are';
    }

    public function look(): string
    {
        return 'What happens to the minutes? Lay the length down as often as it is asked.';
    }

    public function model(): Model
    {
        return Model::Columns;
    }

    public function predict(Sum $sum): ?Given
    {
        $c = $sum instanceof Product || $sum instanceof Share ? TwoColumns::alone($sum->length) : null;
        if (null === $c || $c->large() < 1 || $c->small() < 1) {
            return null;
        }
        if ($sum instanceof Share) {
            return 0 !== $c->large() % $sum->between ? null : $c->answer(intdiv($c->large(), $sum->between), $c->small());
        }

        return $sum instanceof Product ? $c->answer($sum->times * $c->large(), $c->small()) : null;
    }
}
