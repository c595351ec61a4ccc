<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\TakingMistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Sum;

/**
 * Writes 0 minutes where the minutes on top are too few; the hours are subtracted as they stand.
 *
 * Source: after the "bugs" of written subtraction in J. S. Brown and R. R. Burton, "Diagnostic models for procedural bugs
 * in basic mathematical skills", Cognitive Science 2, 1978 (from memory).
 */
final class ZeroWhenStuck extends TakingMistake
{
    public function id(): string
    {
        return 'zero-when-stuck';
    }

    public function may(): string
    {
        return 'may be writing 0 where there are too few minutes';
    }

    public function look(): string
    {
        return 'Too few minutes: where can more be had? Take an hour and write it as 60.';
    }

    protected function written(TwoColumns $c, int $has, int $takes, Sum $sum): ?Given
    {
        return $sum instanceof Earlier || $sum instanceof SecondMove ? null : $c->answer($c->largeLeft(), 0);
    }
}
