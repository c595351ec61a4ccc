<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A length of time on the day strip; one that goes over midnight is given as two. */
final readonly class DaySpan
{
    /**
     * @param int $from minutes since midnight, 0 to 1440
     * @param int $to   minutes since midnight, above $from
     */
    public function __construct(public int $from, public int $to)
    {
    }
}
