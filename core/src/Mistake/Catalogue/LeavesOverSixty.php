<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\AddingMistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;

/**
 * Adds (or multiplies) hours and minutes apart and never regroups.
 *
 * Common practice, no source.
 */
final class LeavesOverSixty extends AddingMistake
{
    public function id(): string
    {
        return 'leaves-over-sixty';
    }

    public function may(): string
    {
        return 'may be adding hours and minutes apart without regrouping';
    }

    public function look(): string
    {
        return 'Can a clock show so many minutes? Set the minutes on the clock and go past the 12.';
    }

    protected function written(TwoColumns $c, Sum $sum): ?Given
    {
        return $c->answer($c->largeSum(), $c->smallSum());
    }
}
