<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Duration;

/** A length shared equally: 2 h 15 min / 3. */
final readonly class Share implements Sum
{
    use UsualSum;

    private function __construct(public Amount $length, public int $between)
    {
    }

    public static function of(Amount $length, int $between): self
    {
        return new self($length->wholeParts(), $between);
    }

    public function kind(): Kind
    {
        return Kind::Share;
    }

    /** @throws CannotBeDone when it does not come out in whole tenths of a second (or months) */
    public function answer(): LengthAnswer
    {
        $duration = $this->length->duration;
        if ($this->between < 1) {
            throw CannotBeDone::sharedByNothing();
        }
        if (0 !== $duration->count % $this->between) {
            throw CannotBeDone::doesNotComeOut(Chain::Clock === $duration->chain ? 'tenths of a second' : 'months');
        }

        return new LengthAnswer(Amount::usual(Duration::of(intdiv($duration->count, $this->between), $duration->chain), $this->length->largest()));
    }

    public function withLengths(Amount ...$lengths): static
    {
        return self::of($lengths[0] ?? $this->length, $this->between);
    }

    public function lengths(): array
    {
        return [$this->length];
    }

    public function regroups(): bool
    {
        foreach ($this->length->parts as $i => $part) {
            if (0 !== $part->numerator % max(1, $this->between) && isset($this->length->parts[$i + 1])) {
                return true;
            }
        }

        return false;
    }
}
