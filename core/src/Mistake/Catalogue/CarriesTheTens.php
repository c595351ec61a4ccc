<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\AddingMistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;

/**
 * Writes the ones digit of the minutes and carries the tens digit to the hours.
 *
 * Common practice, no source.
 */
final class CarriesTheTens extends AddingMistake
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

    protected function written(TwoColumns $c, Sum $sum): ?Given
    {
        return $sum instanceof Total ? $c->answer($c->largeSum() + intdiv($c->smallSum(), 10), $c->smallSum() % 10) : null;
    }
}
