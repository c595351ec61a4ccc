<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/** What most sums have in common: worked as they stand, apart from the clock, with nothing left open. */
trait UsualSum
{
    public function plain(): Sum
    {
        return $this;
    }

    /** @return list<StatedTime> */
    public function times(): array
    {
        return [];
    }

    public function withTimes(StatedTime ...$times): static
    {
        return $this;
    }

    /** @return list<Amount> */
    public function lengths(): array
    {
        return [];
    }

    public function withLengths(Amount ...$lengths): static
    {
        return $this;
    }

    /** @return list<Unit> */
    public function unitsSaid(): array
    {
        return Unit::largestFirst(...array_map(static fn (AmountPart $part): Unit => $part->unit, array_merge(...array_map(static fn (Amount $a): array => $a->parts, $this->lengths()))));
    }

    public function asks(): Unknown
    {
        return Unknown::Answer;
    }

    public function answered(): Answered
    {
        return Answered::Length;
    }

    public function way(): ?Way
    {
        return null;
    }

    /** @return list<Reading> */
    public function readings(): array
    {
        return [];
    }

    public function sameHalfTaken(): bool
    {
        return false;
    }

    public function leavesOpen(): ?LeftOpen
    {
        return match (true) {
            [] === $this->readings() => null,
            [] !== $this->times() => LeftOpen::HalfOfTheDay,
            default => LeftOpen::Month,
        };
    }
}
