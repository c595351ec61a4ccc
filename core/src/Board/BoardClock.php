<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

/** The stretch of the clock that a sum runs over. */
final readonly class BoardClock
{
    /**
     * @param int|float $from        in minutes since the midnight before the start, 0 to 1440; with a fraction to the second
     * @param int|float $to          on the same count: below 0 on the day before, 1440 or more on the next
     * @param bool      $halfSaid    whether a.m. or p.m. is known, so that the day strip can show it
     * @param bool      $by24        whether the sum is stated by the 24-hour clock
     * @param bool      $toTheSecond whether it is worked to the second
     * @param bool      $endAsked    whether the end is what is asked for, rather than the length
     */
    public function __construct(public int|float $from, public int|float $to, public bool $halfSaid, public bool $by24, public bool $endAsked, public bool $toTheSecond = false)
    {
    }
}
