<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\AddingMistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;

/**
 * Carries the hour and leaves the minutes as they were.
 *
 * Common practice, no source.
 */
final class KeepsTheSixty extends AddingMistake
{
    public function id(): string
    {
        return 'keeps-the-sixty';
    }

    public function may(): string
    {
        return 'may be carrying the hour and keeping its 60 minutes too';
    }

    public function look(): string
    {
        return 'The hour was made of 60 of the minutes: how many are left?';
    }

    protected function written(TwoColumns $c, Sum $sum): ?Given
    {
        return $c->answer($c->largeSum() + intdiv($c->smallSum(), $c->limit), $c->smallSum());
    }
}
