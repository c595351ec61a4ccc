<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\StatedTime;

/** A time of day, with how many days after the given one it falls (negative: before). */
final readonly class TimeAnswer implements Answer
{
    public function __construct(public StatedTime $time, public int $dayOffset = 0)
    {
    }

    public function value(): string
    {
        return $this->time->digits();
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->time->equals($other->time) && $this->dayOffset === $other->dayOffset;
    }

    public function onHands(): StatedTime
    {
        return $this->time;
    }
}
