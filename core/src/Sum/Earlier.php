<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A time so much earlier: 10:15 a.m. - 35 min. */
final readonly class Earlier extends ClockMove
{
    public function kind(): Kind
    {
        return Kind::Earlier;
    }

    public function direction(): int
    {
        return -1;
    }

    public function regroups(): bool
    {
        return $this->start->minutes % 60 < $this->minutes() % 60;
    }
}
