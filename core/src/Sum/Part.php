<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;

/** One of the lengths of a chain, and whether it is added or taken away. */
final readonly class Part
{
    private function __construct(public int $direction, public Amount $length)
    {
    }

    public static function added(Amount $length): self
    {
        return new self(1, $length->wholeParts());
    }

    public static function taken(Amount $length): self
    {
        return new self(-1, $length->wholeParts());
    }

    /** In whole minutes, below 0 where it is taken away. */
    public function minutes(): int
    {
        return $this->direction * $this->length->duration->minutes();
    }

    /** In the smallest unit of its chain, below 0 where it is taken away. */
    public function count(): int
    {
        return $this->direction * $this->length->duration->count;
    }
}
