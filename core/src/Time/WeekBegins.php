<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** The day with which a week begins on a calendar page: Monday by ISO 8601, Sunday in other countries. */
enum WeekBegins: string
{
    case Monday = 'monday';
    case Sunday = 'sunday';
}
