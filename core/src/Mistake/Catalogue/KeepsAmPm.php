<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\HalfMistake;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Time\HalfOfDay;

/**
 * Has the reading of the clock right and leaves a.m. or p.m. as it was, though 12 was crossed.
 *
 * Common practice, no source.
 */
final class KeepsAmPm extends HalfMistake
{
    public function id(): string
    {
        return 'keeps-am-pm';
    }

    public function may(): string
    {
        return 'may be leaving a.m. or p.m. as it was though 12 was crossed';
    }

    public function look(): string
    {
        return 'Did we pass 12 on the way? Follow it on the day line.';
    }

    protected function written(ClockMove|SecondMove $sum, HalfOfDay $start, HalfOfDay $end): HalfOfDay
    {
        return $start;
    }
}
