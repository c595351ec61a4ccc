<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\TakingMistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;

/**
 * Exchanges 1 hour for 10 minutes; applies where 10 is enough.
 *
 * Source: after the "bugs" of written subtraction in J. S. Brown and R. R. Burton, "Diagnostic models for procedural bugs
 * in basic mathematical skills", Cognitive Science 2, 1978 (from memory).
 */
final class BorrowsTen extends TakingMistake
{
    public function id(): string
    {
        return 'borrows-ten';
    }

    public function may(): string
    {
        return 'may be exchanging an hour for 10 minutes';
    }

    public function look(): string
    {
        return 'What is an hour worth in minutes? Write the exchange as 60.';
    }

    protected function written(TwoColumns $c, int $has, int $takes, Sum $sum): ?Given
    {
        return $has + 10 < $takes ? null : $c->answer($c->largeLeft() - 1, $has + 10 - $takes);
    }
}
