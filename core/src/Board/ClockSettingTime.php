<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

/** A time for the open clock. */
final readonly class ClockSettingTime
{
    /**
     * @param int  $at       minutes since midnight, 0 to 1439
     * @param bool $halfSaid whether a.m. or p.m. was said; otherwise it is taken as a child's day has it
     */
    public function __construct(public int $at, public bool $halfSaid)
    {
    }
}
