<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\StatedDate;

/** Dates in order. */
final readonly class DateOrderAnswer implements Answer
{
    use UsualAnswer;

    /** @param list<int> $positions of the given dates, first to last, counted from 0 */
    public function __construct(public DateOrder $of, public array $positions)
    {
    }

    public function value(): array
    {
        return $this->positions;
    }

    public function said(): Phrase
    {
        $parts = [];
        foreach ($this->positions as $i) {
            array_push($parts, ...([] === $parts ? [] : [', ']), ...[$this->of->dates[$i]]);
        }

        return Phrase::of(...array_filter($parts, static fn (string|StatedDate|null $part): bool => null !== $part));
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->positions === $other->positions;
    }
}
