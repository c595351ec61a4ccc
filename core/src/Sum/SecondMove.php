<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\StatedTime;

/** A time so much later or earlier, to the second: 11:20:35 a.m. + 1 min 50 s. */
final readonly class SecondMove implements Sum
{
    use UsualSum;

    private function __construct(public StatedTime $start, public Amount $length, public int $direction)
    {
    }

    /** @throws CannotBeDone when the length is in months, or has tenths of a second in it */
    public static function later(StatedTime $start, Amount $length): self
    {
        return self::of($start, $length, 1);
    }

    /** @throws CannotBeDone when the length is in months, or has tenths of a second in it */
    public static function earlier(StatedTime $start, Amount $length): self
    {
        return self::of($start, $length, -1);
    }

    private static function of(StatedTime $start, Amount $length, int $direction): self
    {
        if (Chain::Calendar === $length->duration->chain) {
            throw CannotBeDone::monthsOnTheClock();
        }
        if (!$length->duration->isWholeSeconds()) {
            throw CannotBeDone::noTenthsOnTheClock();
        }

        return new self(null === $start->second ? $start->toTheSecond(0) : $start, $length->wholeParts(), $direction);
    }

    public function kind(): Kind
    {
        return $this->direction > 0 ? Kind::Later : Kind::Earlier;
    }

    public function answered(): Answered
    {
        return Answered::Time;
    }

    /** Below 0 for going back. */
    public function seconds(): int
    {
        return $this->direction * $this->length->duration->seconds();
    }

    /** The length in whole minutes, 0 or more; seconds beyond them are left out. */
    public function minutes(): int
    {
        return $this->length->duration->minutes();
    }

    public function answer(): TimeAnswer
    {
        $end = $this->start->movedSeconds($this->seconds());

        return new TimeAnswer($end, $this->start->daysMoved($this->minutesOn()));
    }

    public function times(): array
    {
        return [$this->start];
    }

    public function withTimes(StatedTime ...$times): static
    {
        return self::of($times[0] ?? $this->start, $this->length, $this->direction);
    }

    public function withLengths(Amount ...$lengths): static
    {
        return self::of($this->start, $lengths[0] ?? $this->length, $this->direction);
    }

    public function lengths(): array
    {
        return [$this->length];
    }

    public function asks(): Unknown
    {
        return Unknown::End;
    }

    /** From the minute of the start to the minute of the end. */
    public function way(): Way
    {
        return Way::between($this->start, $this->start->movedSeconds($this->seconds()), $this->minutesOn());
    }

    public function regroups(): bool
    {
        $parts = [$this->start->second ?? 0, $this->start->minutes % 60];
        $by = [$this->length->duration->seconds() % 60, $this->length->duration->minutes() % 60];

        return $this->direction > 0
            ? $parts[0] + $by[0] >= 60 || $parts[1] + $by[1] >= 60
            : $by[0] > $parts[0] || $by[1] > $parts[1];
    }

    /** How many minutes the minute hand's count moves on, or back where it is below 0. */
    private function minutesOn(): int
    {
        return (int) floor(($this->start->inSeconds() + $this->seconds()) / 60) - $this->start->minutes;
    }
}
