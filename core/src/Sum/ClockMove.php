<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\StatedTime;

/** What "later" and "earlier" share: a start on the clock and a length to move by. */
abstract readonly class ClockMove implements Sum
{
    use UsualSum;

    final private function __construct(public StatedTime $start, public Amount $length)
    {
    }

    /**
     * @throws CannotBeDone when the length is in months, or not in whole minutes
     */
    final public static function of(StatedTime $start, Amount $length): static
    {
        if (Chain::Calendar === $length->duration->chain) {
            throw CannotBeDone::monthsOnTheClock();
        }
        if (null !== $start->second) {
            throw CannotBeDone::notToTheSecond();
        }
        if (!$length->duration->isWholeMinutes()) {
            throw CannotBeDone::notWholeMinutes('1:50 p.m. + 90 min');
        }

        return new static($start, $length->wholeParts());
    }

    /** 1 for later, -1 for earlier. */
    abstract public function direction(): int;

    /** The length in minutes, 0 or more. */
    final public function minutes(): int
    {
        return $this->length->duration->minutes();
    }

    final public function answered(): Answered
    {
        return Answered::Time;
    }

    final public function answer(): TimeAnswer
    {
        $move = $this->direction() * $this->minutes();

        return new TimeAnswer($this->start->moved($move), $this->start->daysMoved($move));
    }

    final public function times(): array
    {
        return [$this->start];
    }

    final public function withTimes(StatedTime ...$times): static
    {
        return new static($times[0] ?? $this->start, $this->length);
    }

    final public function withLengths(Amount ...$lengths): static
    {
        return static::of($this->start, $lengths[0] ?? $this->length);
    }

    final public function lengths(): array
    {
        return [$this->length];
    }

    final public function asks(): Unknown
    {
        return Unknown::End;
    }

    final public function way(): Way
    {
        return Way::from($this->start, $this->direction() * $this->minutes());
    }
}
