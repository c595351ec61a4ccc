<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\Unit;

/** How many times one length goes into another: 2 h / 15 min. */
final readonly class Grouping implements Sum
{
    use UsualSum;

    private function __construct(public Amount $length, public Amount $each)
    {
    }

    /** @throws MixedChains when one is in months and the other in days or smaller units */
    public static function of(Amount $length, Amount $each): self
    {
        $length->duration->compareTo($each->duration);

        return new self($length->wholeParts(), $each->wholeParts());
    }

    public function kind(): Kind
    {
        return Kind::Share;
    }

    /** @throws CannotBeDone when it does not go a whole number of times */
    public function answer(): NumberAnswer
    {
        $each = $this->each->duration->count;
        if (0 === $each) {
            throw CannotBeDone::sharedByNothing('2 h / 15 min');
        }
        $times = intdiv($this->length->duration->count, $each);
        if (0 !== $this->length->duration->count % $each) {
            throw CannotBeDone::doesNotGoInto($times);
        }

        return new NumberAnswer($times);
    }

    public function withLengths(Amount ...$lengths): static
    {
        return self::of($lengths[0] ?? $this->length, $lengths[1] ?? $this->each);
    }

    public function lengths(): array
    {
        return [$this->length, $this->each];
    }

    public function regroups(): bool
    {
        return false;
    }

    /** The larger of the smallest units in which both are whole. */
    public function unit(): Unit
    {
        return $this->length->smallest()->size() < $this->each->smallest()->size() ? $this->length->smallest() : $this->each->smallest();
    }
}
