<?php

declare(strict_types=1);

namespace Rostik\Core\Question\Edition;

use Rostik\Core\Mistake\HalfMistake;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Time\HalfOfDay;

/** Changing a.m. and p.m. wherever 12 is not crossed, also where the hour stays as it is: nobody would think so, but it has been printed. */
final class FlipsAlways extends HalfMistake
{
    public function id(): string
    {
        return 'flips-am-pm';
    }

    public function may(): string
    {
        return 'may be changing a.m. or p.m. though 12 was not crossed';
    }

    public function look(): string
    {
        return 'When does a.m. become p.m.? Only at noon, and back at midnight.';
    }

    protected function written(ClockMove|SecondMove $sum, HalfOfDay $start, HalfOfDay $end): HalfOfDay
    {
        return $end === $start && abs($sum->minutes()) < 720 ? $start->other() : $end;
    }
}
