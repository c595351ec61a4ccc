<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** Things in order. */
final readonly class OrderAnswer implements Answer
{
    /** @param list<int> $positions of the given things, first to last, counted from 0; equal ones stay as given */
    public function __construct(public Order $of, public array $positions)
    {
    }

    public function value(): array
    {
        return $this->positions;
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->positions === $other->positions;
    }

    public function onHands(): null
    {
        return null;
    }
}
