<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Time\StatedTime;

/** A time that is shown on a clock face rather than written. */
final readonly class ShownClock
{
    /** @param string $half what stands below the face, "p.m."; empty where it is not said */
    public function __construct(public StatedTime $time, public string $half)
    {
    }
}
