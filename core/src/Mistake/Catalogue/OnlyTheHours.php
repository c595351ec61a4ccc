<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\OneUnitMistake;
use Rostik\Core\Mistake\TwoColumns;

/**
 * Takes only the hours several times, or shares only them, and leaves the minutes as they stand: 3 x 1 h 25 min = 3 h
 * 25 min; 6 h 45 min / 3 = 2 h 45 min.
 *
 * Common practice, no source.
 */
final class OnlyTheHours extends OneUnitMistake
{
    public function id(): string
    {
        return 'only-the-hours';
    }

    public function may(): string
    {
        return 'may be working with the hours and leaving the minutes as they are';
    }

    public function look(): string
    {
        return 'What happens to the minutes? Lay the length down as often as it is asked.';
    }

    protected function taken(TwoColumns $c, int $times): ?Given
    {
        return $c->answer($times * $c->large(), $c->small());
    }

    protected function shared(TwoColumns $c, int $between): ?Given
    {
        return 0 !== $c->large() % $between ? null : $c->answer(intdiv($c->large(), $between), $c->small());
    }
}
