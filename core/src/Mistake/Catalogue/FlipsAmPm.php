<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\HalfMistake;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Time\HalfOfDay;

/**
 * Changes a.m. or p.m. though neither noon nor midnight was crossed; shows where the hour changes.
 *
 * Common practice, no source.
 */
final class FlipsAmPm extends HalfMistake
{
    /** @param bool $anywhere whether it shows where the hour stays, too: as it did in the first edition ({@see \Rostik\Core\Question\Editions}) */
    public function __construct(private readonly bool $anywhere = false)
    {
    }

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
        // whose hour stays sees no reason to change what stands beside it
        $passed = $this->anywhere || $sum->start->time()->hour() !== $sum->answer()->time->time()->hour();

        return $end === $start && $passed && abs($sum->minutes()) < 720 ? $start->other() : $end;
    }
}
