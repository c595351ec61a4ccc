<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;

/**
 * Writes the ones digit of the minutes and carries the tens digit to the hours.
 *
 * Common practice, no source.
 */
final class CarriesTheTens implements Mistake
{
    public function id(): string
    {
        return 'carries-the-tens';
    }

    public function may(): string
    {
        return 'may be carrying the tens of the minutes to the hours';
    }

    public function look(): string
    {
        return 'What is carried from minutes to hours: a ten, or a sixty?';
    }

    public function model(): string
    {
        return 'columns';
    }

    public function predict(Sum $sum): ?Given
    {
        $c = TwoColumns::of($sum);
        if (null === $c || '-' === $c->operation || $c->smallSum() < $c->limit || !$sum instanceof Total) {
            return null;
        }

        return $c->answer($c->largeSum() + intdiv($c->smallSum(), 10), $c->smallSum() % 10);
    }
}
