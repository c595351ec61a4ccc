<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** How many times. */
final readonly class NumberAnswer implements Answer
{
    use UsualAnswer;

    /** @param int $number 0 or more */
    public function __construct(public int $number)
    {
    }

    public function value(): string
    {
        return (string) $this->number;
    }

    public function said(): Phrase
    {
        return Phrase::of((string) $this->number);
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->number === $other->number;
    }
}
