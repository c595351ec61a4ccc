<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\TooLong;
use Rostik\Core\Time\Unit;

/** A length several times over: 4 x 45 min. */
final readonly class Product implements Sum
{
    use UsualSum;

    /** Largest number of times, so that every length stays within what a computer counts exactly. */
    public const MOST = 1_000_000;

    private function __construct(public int $times, public Amount $length)
    {
    }

    /**
     * @param int $times 0 to {@see MOST}
     *
     * @throws TooLong when it comes to more than ten thousand years
     */
    public static function of(int $times, Amount $length): self
    {
        $product = new self(max(0, min(self::MOST, $times)), $length->wholeParts());
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

        return new LengthAnswer(Amount::usual(Duration::of($duration->count * $this->times, $duration->chain), $this->length->largest()));
    }

    public function withLengths(Amount ...$lengths): static
    {
        return self::of($this->times, $lengths[0] ?? $this->length);
    }

    public function lengths(): array
    {
        return [$this->length];
    }

    public function regroups(): bool
    {
        foreach ($this->length->parts as $part) {
            $limit = $part->unit->perLarger();
            if ($limit > 0 && $part->numerator * $this->times >= $limit && $part->unit->size() < max($this->length->largest()->size(), Unit::Hour->size())) {
                return true;
            }
        }

        return false;
    }
}
