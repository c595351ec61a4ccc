<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\StatedTime;

/** A time to be written in a given form. */
final readonly class RewriteAnswer implements Answer
{
    public function __construct(public StatedTime $time, public TimeForm $as)
    {
    }

    /** HH:MM; the written text is the writer's to say. */
    public function value(): string
    {
        return $this->time->digits();
    }

    public function said(): Phrase
    {
        return Phrase::of($this);
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->as === $other->as && $this->time->equals($other->time);
    }

    public function onHands(): ?StatedTime
    {
        return TimeForm::Words === $this->as ? null : $this->time;
    }
}
