<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\TakingMistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;

/**
 * Lowers the hours, and then takes the smaller minutes from the larger.
 *
 * Source: after the "bugs" of written subtraction in J. S. Brown and R. R. Burton, "Diagnostic models for procedural bugs
 * in basic mathematical skills", Cognitive Science 2, 1978 (from memory).
 */
final class PaysWithoutBorrowing extends TakingMistake
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

    protected function written(TwoColumns $c, int $has, int $takes, Sum $sum): ?Given
    {
        return $c->answer($c->largeLeft() - 1, $takes - $has);
    }
}
