<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** What stands between hours and minutes on a 12-hour clock; a 24-hour time always has a colon. */
enum Separator: string
{
    case Colon = ':';
    case Point = '.';

    /** As it is read out. */
    public function said(): string
    {
        return match ($this) {
            self::Colon => 'a colon',
            self::Point => 'a full stop',
        };
    }
}
