<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * What is plausible in a story: from one time of day to another, perhaps past midnight; from one length to another; from one
 * number to another. Both ends are included.
 */
final readonly class Range
{
    /** @param int $from in minutes, or a number; $to may lie before it for times, which then go past midnight */
    public function __construct(public int $from, public int $to, private bool $ofTimes)
    {
    }

    public function holds(StatedTime|Amount|int $value): bool
    {
        $n = match (true) {
            $value instanceof StatedTime => $value->minutes,
            $value instanceof Amount => $value->duration->minutes(),
            default => $value,
        };

        return $this->from <= $this->to ? $n >= $this->from && $n <= $this->to : $n >= $this->from || $n <= $this->to;
    }

    /** Where it ends, in the same count as where it begins. */
    public function end(): int
    {
        return $this->ofTimes && $this->to < $this->from ? $this->to + TimeOfDay::DAY : $this->to;
    }
}
