<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;

/** Things in order. */
final readonly class OrderAnswer implements Answer
{
    use UsualAnswer;

    /** @param list<int> $positions of the given things, first to last, counted from 0; equal ones stay as given */
    public function __construct(public Order $of, public array $positions)
    {
    }

    public function value(): array
    {
        return $this->positions;
    }

    public function said(): Phrase
    {
        $things = [] !== $this->of->times ? $this->of->times : $this->of->lengths;

        return Phrase::of(...Phrase::listed(', ', ...array_map(static fn (int $i): StatedTime|Amount => $things[$i], $this->positions)));
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->positions === $other->positions;
    }
}
