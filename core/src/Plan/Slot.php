<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Time\CalendarDate;

/** A time at which there is a lesson. */
final readonly class Slot
{
    public const LEAST = 10;
    public const MOST = 240;

    /**
     * @param int $start   minutes after midnight
     * @param int $minutes that it lasts
     */
    public function __construct(public CalendarDate $date, public int $start, public int $minutes)
    {
        if ($start < 0 || $start > 1439 || $minutes < self::LEAST || $minutes > self::MOST) {
            throw new \LogicException('A lesson begins within the day, and lasts from 10 minutes to 4 hours.');
        }
    }
}
