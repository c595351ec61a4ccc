<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

/** A lesson that there is every week. */
final readonly class Weekly
{
    /**
     * @param int $weekday 1 for Monday to 7 for Sunday (ISO 8601)
     * @param int $start   minutes after midnight
     * @param int $minutes that it lasts
     */
    public function __construct(public int $weekday, public int $start, public int $minutes)
    {
    }
}
