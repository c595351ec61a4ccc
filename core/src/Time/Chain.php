<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/**
 * The two chains of units that convert exactly among themselves: second to week, and month to year.
 * Nothing converts exactly from one to the other, because a month has 28 to 31 days.
 */
enum Chain
{
    case Clock;
    case Calendar;
}
