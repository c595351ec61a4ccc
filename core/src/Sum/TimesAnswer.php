<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\StatedTime;

/** Several times of day, one after the other. */
final readonly class TimesAnswer implements Answer
{
    use UsualAnswer;

    /** @param list<StatedTime> $times */
    public function __construct(public array $times)
    {
    }

    /** HH:MM each, with a comma and a blank between them. */
    public function value(): string
    {
        return implode(', ', array_map(static fn (StatedTime $t): string => $t->digits(), $this->times));
    }

    public function said(): Phrase
    {
        return Phrase::of(...Phrase::listed(', ', ...$this->times));
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->value() === $other->value();
    }
}
