<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\ToMistake;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * Turns "to" into "past": 23 minutes to nine is written 9:23; 8:37 is said twenty-three minutes past nine.
 *
 * Common practice, no source.
 */
final class ToAsPast extends ToMistake
{
    public function id(): string
    {
        return 'to-as-past';
    }

    public function may(): string
    {
        return 'may be taking “to” for “past”';
    }

    public function look(): string
    {
        return '“To” counts up to the hour that is coming. Is it that hour already?';
    }

    protected function told(TimeOfDay $time, bool $inWords): StatedTime
    {
        return StatedTime::open($time->hour12() % 12 + 1, 60 - $time->minute());
    }
}
