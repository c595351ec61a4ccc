<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\TakingMistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;

/**
 * Takes the smaller minutes from the larger, whichever stands on top; the hours are subtracted as they stand.
 *
 * Source: after the "bugs" of written subtraction in J. S. Brown and R. R. Burton, "Diagnostic models for procedural bugs
 * in basic mathematical skills", Cognitive Science 2, 1978 (from memory).
 */
final class SmallerFromLarger extends TakingMistake
{
    public function id(): string
    {
        return 'smaller-from-larger';
    }

    public function may(): string
    {
        return 'may be taking the smaller number of minutes from the larger, whichever is on top';
    }

    public function look(): string
    {
        return 'Which minutes are there, and which are taken away? Try it on the number line.';
    }

    protected function written(TwoColumns $c, int $has, int $takes, Sum $sum): ?Given
    {
        return $c->answer($c->largeLeft(), $takes - $has);
    }
}
