<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\TooLong;
use Rostik\Core\Time\Unit;

/** Two or more lengths put together: 3 h 40 min + 2 h 45 min. */
final readonly class Total implements Sum
{
    use UsualSum;

    /** @param non-empty-list<Amount> $addends without fractions, of one chain */
    private function __construct(public array $addends)
    {
    }

    /**
     * @throws MixedChains
     * @throws TooLong     when it comes to more than ten thousand years
     */
    public static function of(Amount $first, Amount $second, Amount ...$more): self
    {
        $addends = array_map(static fn (Amount $a): Amount => $a->wholeParts(), [$first, $second, ...array_values($more)]);
        $sum = $addends[0]->duration;
        foreach (\array_slice($addends, 1) as $addend) {
            $sum = $sum->plus($addend->duration);
        }

        return new self($addends);
    }

    public function kind(): Kind
    {
        return Kind::Total;
    }

    public function answer(): LengthAnswer
    {
        $sum = $this->addends[0]->duration;
        foreach (\array_slice($this->addends, 1) as $addend) {
            $sum = $sum->plus($addend->duration);
        }

        return new LengthAnswer(Amount::usual($sum, $this->largest()));
    }

    public function withLengths(Amount ...$lengths): static
    {
        $lengths = array_values($lengths) + $this->addends;

        return self::of($lengths[0], $lengths[1] ?? $lengths[0], ...\array_slice($lengths, 2));
    }

    public function lengths(): array
    {
        return $this->addends;
    }

    public function regroups(): bool
    {
        $units = [];
        foreach ($this->addends as $addend) {
            foreach ($addend->parts as $part) {
                $units[$part->unit->value] = ($units[$part->unit->value] ?? 0) + $part->numerator;
            }
        }
        foreach ($units as $unit => $n) {
            $unit = Unit::from($unit);
            if ($n >= $unit->perLarger() && $unit->perLarger() > 0 && $unit->size() < max($this->largest()->size(), Unit::Hour->size())) {
                return true;
            }
        }

        return false;
    }

    private function largest(): Unit
    {
        $largest = $this->addends[0]->largest();
        foreach ($this->addends as $addend) {
            $largest = $addend->largest()->size() > $largest->size() ? $addend->largest() : $largest;
        }

        return $largest;
    }
}
