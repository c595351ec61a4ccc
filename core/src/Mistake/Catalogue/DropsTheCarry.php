<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;

/**
 * Takes the 60 away from the minutes and forgets the hour.
 *
 * Common practice, no source.
 */
final class DropsTheCarry implements Mistake
{
    public function id(): string
    {
        return 'drops-the-carry';
    }

    public function may(): string
    {
        return 'may be taking the 60 minutes away and forgetting the hour they make';
    }

    public function look(): string
    {
        return 'Where do the 60 minutes go? Write the 1 above the hours before going on.';
    }

    public function model(): string
    {
        return 'columns';
    }

    public function predict(Sum $sum): ?Given
    {
        $c = TwoColumns::of($sum);
        if (null === $c || '-' === $c->operation || $c->smallSum() < $c->limit) {
            return null;
        }

        return $c->answer($c->largeSum(), $c->smallSum() % $c->limit);
    }
}
