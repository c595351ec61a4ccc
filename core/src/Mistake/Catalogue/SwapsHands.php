<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\DigitsMistake;
use Rostik\Core\Mistake\FaceMistake;

/**
 * Reads the hour hand as minutes and the minute hand as hours: 3:30 read as 6:15.
 *
 * Common practice, no source.
 */
final class SwapsHands extends DigitsMistake implements FaceMistake
{
    public function id(): string
    {
        return 'swaps-hands';
    }

    public function may(): string
    {
        return 'may be changing the two hands over';
    }

    public function look(): string
    {
        return 'Which hand is the short one? Hour hand first: what number has it just passed?';
    }

    /** @return array{int, int} */
    protected function written(int $hour, int $minute): array
    {
        return [((int) round($minute / 5) + 11) % 12 + 1, $hour % 12 * 5];
    }
}
