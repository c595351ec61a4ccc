<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** What stands between hours and minutes on a 12-hour clock; a 24-hour time always has a colon. */
enum Separator: string
{
    case Colon = ':';
    case Point = '.';
}
