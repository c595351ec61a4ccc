<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\DigitsMistake;
use Rostik\Core\Mistake\FaceMistake;

/**
 * Reads the number that the minute hand points at: 1:20 read as 1:04. Shows on full fives.
 *
 * Common practice, no source.
 */
final class HandNumberAsMinutes extends DigitsMistake implements FaceMistake
{
    public function id(): string
    {
        return 'hand-number-as-minutes';
    }

    public function may(): string
    {
        return 'may be reading the number at the minute hand as minutes';
    }

    public function look(): string
    {
        return 'Each number is five minutes more: count fives from the 12.';
    }

    protected function written(int $hour, int $minute): ?array
    {
        return 0 !== $minute % 5 ? null : [$hour, 0 === $minute ? 12 : intdiv($minute, 5)];
    }
}
