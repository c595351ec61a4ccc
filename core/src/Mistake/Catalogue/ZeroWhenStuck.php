<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Sum;

/**
 * Writes 0 minutes where the minutes on top are too few; the hours are subtracted as they stand.
 *
 * Source: after the "bugs" of written subtraction in J. S. Brown and R. R. Burton, "Diagnostic models for procedural bugs
 * in basic mathematical skills", Cognitive Science 2, 1978 (from memory).
 */
final class ZeroWhenStuck implements Mistake
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

    public function model(): string
    {
        return 'columns';
    }

    public function predict(Sum $sum): ?Given
    {
        $c = TwoColumns::of($sum);
        if (null === $c || !$c->isStuck() || $sum instanceof Earlier) {
            return null;
        }

        return $c->answer($c->largeLeft(), 0);
    }
}
