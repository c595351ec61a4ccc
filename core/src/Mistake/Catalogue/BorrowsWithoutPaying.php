<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\TakingMistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;

/**
 * Adds 60 to the minutes and does not lower the hours.
 *
 * Source: after the "bugs" of written subtraction in J. S. Brown and R. R. Burton, "Diagnostic models for procedural bugs
 * in basic mathematical skills", Cognitive Science 2, 1978 (from memory).
 */
final class BorrowsWithoutPaying extends TakingMistake
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

    protected function written(TwoColumns $c, int $has, int $takes, Sum $sum): ?Given
    {
        return $c->answer($c->largeLeft(), $has + $c->limit - $takes);
    }
}
