<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\DigitsMistake;
use Rostik\Core\Mistake\FaceMistake;

/**
 * Reads the hour that the hand is nearest to or nearing, from 30 minutes on: 4:45 read as 5:45.
 *
 * Common practice, no source.
 */
final class NextHour extends DigitsMistake implements FaceMistake
{
    public function id(): string
    {
        return 'next-hour';
    }

    public function may(): string
    {
        return 'may be reading the hour that the hand is coming to';
    }

    public function look(): string
    {
        return 'Has the hour hand reached that number yet? Which has it just passed?';
    }

    protected function written(int $hour, int $minute): ?array
    {
        return $minute < 30 ? null : [$hour % 12 + 1, $minute];
    }
}
