<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;

/**
 * Lowers the hours, and then takes the smaller minutes from the larger.
 *
 * Source: after the "bugs" of written subtraction in J. S. Brown and R. R. Burton, "Diagnostic models for procedural bugs
 * in basic mathematical skills", Cognitive Science 2, 1978 (from memory).
 */
final class PaysWithoutBorrowing implements Mistake
{
    public function id(): string
    {
        return 'pays-without-borrowing';
    }

    public function may(): string
    {
        return 'may be lowering the hours and then taking the smaller minutes from the larger';
    }

    public function look(): string
    {
        return 'An hour was taken: what did it become? Add its 60 minutes first.';
    }

    public function model(): string
    {
        return 'columns';
    }

    public function predict(Sum $sum): ?Given
    {
        $c = TwoColumns::of($sum);
        if (null === $c || !$c->isStuck()) {
            return null;
        }
        [$has, $takes] = [$c->rows[0][1], $c->rows[1][1]];

        return $c->answer($c->largeLeft() - 1, $takes - $has);
    }
}
