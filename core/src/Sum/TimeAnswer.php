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

    public function said(): Phrase
    {
        return Phrase::of($this->time, self::day($this->dayOffset));
    }

    /** " (next day)", " (2 days before)", or nothing for the same day. */
    public static function day(int $offset): string
    {
        return match (true) {
            0 === $offset => '',
            1 === $offset => ' (next day)',
            -1 === $offset => ' (the day before)',
            $offset > 0 => \sprintf(' (%d days later)', $offset),
            default => \sprintf(' (%d days before)', -$offset),
        };
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
