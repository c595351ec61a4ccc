<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Sum\Sum;

/**
 * Takes the smaller minutes from the larger, whichever stands on top; the hours are subtracted as they stand.
 *
 * Source: after the "bugs" of written subtraction in J. S. Brown and R. R. Burton, "Diagnostic models for procedural bugs
 * in basic mathematical skills", Cognitive Science 2, 1978 (from memory).
 */
final class SmallerFromLarger implements Mistake
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

        return $c->answer($c->largeLeft(), $takes - $has);
    }
}
