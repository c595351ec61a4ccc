<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\OneUnitMistake;
use Rostik\Core\Mistake\TwoColumns;

/**
 * Takes only the minutes several times, or shares only them, and leaves the hours as they stand: 3 x 1 h 25 min = 2 h
 * 15 min; 6 h 45 min / 3 = 6 h 15 min.
 *
 * Common practice, no source.
 */
final class OnlyTheMinutes extends OneUnitMistake
{
    public function id(): string
    {
        return 'only-the-minutes';
    }

    public function may(): string
    {
        return 'may be working with the minutes and leaving the hours as they are';
    }

    public function look(): string
    {
        return 'What happens to the hours? Lay the length down as often as it is asked.';
    }

    protected function taken(TwoColumns $c, int $times): ?Given
    {
        $small = $times * $c->small();

        return $c->answer($c->large() + intdiv($small, $c->limit), $small % $c->limit);
    }

    protected function shared(TwoColumns $c, int $between): ?Given
    {
        return 0 !== $c->small() % $between ? null : $c->answer($c->large(), intdiv($c->small(), $between));
    }
}
