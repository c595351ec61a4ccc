<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** The half of the day: a.m. from midnight until noon, p.m. from noon until midnight. */
enum HalfOfDay: string
{
    case Am = 'a.m.';
    case Pm = 'p.m.';

    public function other(): self
    {
        return self::Am === $this ? self::Pm : self::Am;
    }
}
