<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;

/**
 * Adds 60 to the minutes and does not lower the hours.
 *
 * Source: after the "bugs" of written subtraction in J. S. Brown and R. R. Burton, "Diagnostic models for procedural bugs
 * in basic mathematical skills", Cognitive Science 2, 1978 (from memory).
 */
final class BorrowsWithoutPaying implements Mistake
{
    public function id(): string
    {
        return 'borrows-without-paying';
    }

    public function may(): string
    {
        return 'may be taking 60 minutes from the hours without lowering the hours';
    }

    public function look(): string
    {
        return 'Where did the 60 minutes come from? Cross the hour out and write one less.';
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

        return $c->answer($c->largeLeft(), $has + $c->limit - $takes);
    }
}
