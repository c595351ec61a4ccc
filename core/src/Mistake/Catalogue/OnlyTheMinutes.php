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
 * Takes only the minutes several times, or shares only them, and leaves the hours as they stand: 3 x 1 h 25 min = 2 h
 * 15 min; 6 h 45 min / 3 = 6 h 15 min.
 *
 * Common practice, no source.
 */
final class OnlyTheMinutes implements Mistake
{
    public function id(): string
    {
        return 'only-the-minutes';
    }

    public function may(): string
    {
        return 'may be working with the minutes and leaving the hours as they are';
    }

    public function look(): string
    {
        return 'What happens to the hours? Lay the length down as often as it is asked.';
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
            return 0 !== $c->small() % $sum->between ? null : $c->answer($c->large(), intdiv($c->small(), $sum->between));
        }
        $small = $sum instanceof Product ? $sum->times * $c->small() : 0;

        return $c->answer($c->large() + intdiv($small, $c->limit), $small % $c->limit);
    }
}
