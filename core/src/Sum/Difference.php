<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\MixedChains;

/** One length taken from another: 4 h 5 min - 3 h 25 min. */
final readonly class Difference implements Sum
{
    use UsualSum;

    private function __construct(public Amount $from, public Amount $take)
    {
    }

    /** @throws MixedChains */
    public static function of(Amount $from, Amount $take): self
    {
        $from->duration->compareTo($take->duration);

        return new self($from->wholeParts(), $take->wholeParts());
    }

    public function kind(): Kind
    {
        return Kind::Difference;
    }

    public function answer(): LengthAnswer
    {
        if ($this->from->duration->compareTo($this->take->duration) < 0) {
            throw CannotBeDone::takesMoreThanThereIs('3 h - 2 h');
        }
        $larger = $this->from->largest()->size() >= $this->take->largest()->size() ? $this->from : $this->take;

        return new LengthAnswer(Amount::usual($this->from->duration->minus($this->take->duration), $larger->largest()));
    }

    public function withLengths(Amount ...$lengths): static
    {
        return self::of($lengths[0] ?? $this->from, $lengths[1] ?? $this->take);
    }

    public function lengths(): array
    {
        return [$this->from, $this->take];
    }

    public function regroups(): bool
    {
        foreach ($this->take->parts as $part) {
            if ($part->numerator > $this->from->number($part->unit)) {
                return true;
            }
        }

        return false;
    }
}
