<?php

declare(strict_types=1);

namespace Rostik\Core\Evidence;

/** How a child stands on a rung. */
enum Standing: string
{
    /** Likely to get the next right, and right on two days at least. */
    case Secure = 'secure';
    case OnTheWay = 'on-the-way';
    case NotYet = 'not-yet';
    /** One answer proves nothing, and none less. */
    case NotSeen = 'not-seen';

    /** As it is said to teachers. */
    public function said(): string
    {
        return match ($this) {
            self::Secure => 'secure',
            self::OnTheWay => 'on the way',
            self::NotYet => 'not yet',
            self::NotSeen => 'not seen',
        };
    }
}
