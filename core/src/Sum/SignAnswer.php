<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** Shorter, longer or equally long. */
final readonly class SignAnswer implements Answer
{
    use UsualAnswer;

    /** @param '<'|'>'|'=' $sign */
    public function __construct(public string $sign)
    {
    }

    public function value(): string
    {
        return $this->sign;
    }

    public function said(): Phrase
    {
        return Phrase::of($this->sign);
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->sign === $other->sign;
    }
}
