<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\TooLong;
use Rostik\Core\Time\Unit;

/** A length so many and a fraction times over: 1½ x 40 min. */
final readonly class FractionalProduct implements Sum
{
    use UsualSum;

    private function __construct(public Fraction $times, public Amount $length)
    {
    }

    /**
     * @param Fraction $times no whole number, which would be a {@see Product}
     *
     * @throws CannotBeDone              when it does not come out in whole tenths of a second (or months), or is taken too many times
     * @throws TooLong                   when it comes to more than ten thousand years
     * @throws \InvalidArgumentException when the number is whole
     */
    public static function of(Fraction $times, Amount $length): self
    {
        if ($times->isWhole()) {
            throw new \InvalidArgumentException('A whole number of times is a product.');
        }
        if ($times->whole() >= Product::MOST) {
            throw CannotBeDone::tooManyTimes();
        }
        $product = new self($times, $length->wholeParts());
        $product->answer();

        return $product;
    }

    public function kind(): Kind
    {
        return Kind::Product;
    }

    public function answer(): LengthAnswer
    {
        $duration = $this->length->duration;
        $whole = $duration->count * $this->times->whole();
        $part = $duration->count * $this->times->rest()->numerator;
        if (0 !== $part % $this->times->denominator) {
            throw CannotBeDone::doesNotComeOut(Chain::Clock === $duration->chain ? 'tenths of a second' : 'months');
        }

        return new LengthAnswer(Amount::usual(Duration::of($whole + intdiv($part, $this->times->denominator), $duration->chain), $this->length->largest()));
    }

    public function withLengths(Amount ...$lengths): static
    {
        return self::of($this->times, $lengths[0] ?? $this->length);
    }

    public function lengths(): array
    {
        return [$this->length];
    }

    /** Whether it comes to more of a unit than there are in the next larger one. */
    public function regroups(): bool
    {
        foreach ($this->length->parts as $part) {
            $limit = $part->unit->perLarger();
            if ($limit > 0 && $part->numerator * $this->times->numerator >= $limit * $this->times->denominator && $part->unit->size() < max($this->length->largest()->size(), Unit::Hour->size())) {
                return true;
            }
        }

        return false;
    }
}
