<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A time so much later: 1:50 p.m. + 3 h 30 min. */
final readonly class Later extends ClockMove
{
    public function kind(): Kind
    {
        return Kind::Later;
    }

    public function direction(): int
    {
        return 1;
    }

    public function regroups(): bool
    {
        return $this->start->minutes % 60 + $this->minutes() % 60 >= 60;
    }
}
