<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\AddingMistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;

/**
 * Takes the 60 away from the minutes and forgets the hour.
 *
 * Common practice, no source.
 */
final class DropsTheCarry extends AddingMistake
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

    protected function written(TwoColumns $c, Sum $sum): ?Given
    {
        return $c->answer($c->largeSum(), $c->smallSum() % $c->limit);
    }
}
