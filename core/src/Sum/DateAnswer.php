<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\StatedDate;

/** A date. */
final readonly class DateAnswer implements Answer
{
    use UsualAnswer;

    public function __construct(public StatedDate $date)
    {
    }

    public function value(): string
    {
        return $this->date->iso();
    }

    public function said(): Phrase
    {
        return Phrase::of($this->date);
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->date->equals($other->date);
    }
}
