<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\DigitsMistake;
use Rostik\Core\Mistake\FaceMistake;

/**
 * Counts the full round of the minute hand: 8 o’clock = 8:60.
 *
 * Common practice, no source.
 */
final class SixtyAtTheTop extends DigitsMistake implements FaceMistake
{
    public function id(): string
    {
        return 'sixty-at-the-top';
    }

    public function may(): string
    {
        return 'may be writing 60 where the minute hand points at the 12';
    }

    public function look(): string
    {
        return 'How many minutes after the hour is it when the long hand stands at the top?';
    }

    protected function written(int $hour, int $minute): ?array
    {
        return 0 === $minute ? [$hour, 60] : null;
    }
}
