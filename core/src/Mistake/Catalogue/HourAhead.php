<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\DigitsMistake;
use Rostik\Core\Mistake\FaceMistake;

/**
 * Reads the hour from the numeral that comes next, before the half is past, too: 4:20 read as 5:20.
 *
 * Common practice, no source.
 */
final class HourAhead extends DigitsMistake implements FaceMistake
{
    public function id(): string
    {
        return 'hour-ahead';
    }

    public function may(): string
    {
        return 'may be reading the hour from the next number as soon as the hand has left the last';
    }

    public function look(): string
    {
        return 'Which number has the hour hand left? It is still that hour.';
    }

    protected function written(int $hour, int $minute): ?array
    {
        return 0 === $minute ? null : [$hour % 12 + 1, $minute];
    }
}
