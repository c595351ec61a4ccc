<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\ToMistake;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * Keeps the spoken hour, the minutes right: 23 minutes to nine is written 9:37; 8:37 is said twenty-three minutes to eight.
 *
 * Common practice, no source.
 */
final class ToThisHour extends ToMistake
{
    public function id(): string
    {
        return 'to-this-hour';
    }

    public function may(): string
    {
        return 'may be keeping the hour that is heard, or seen';
    }

    public function look(): string
    {
        return '“To eight”: is it eight yet? The hour is still the one before.';
    }

    protected function told(TimeOfDay $time, bool $inWords): StatedTime
    {
        // in words the hour that is seen, in digits the hour that is heard
        return StatedTime::open($inWords ? ($time->hour12() + 10) % 12 + 1 : $time->hour12() % 12 + 1, $time->minute());
    }
}
