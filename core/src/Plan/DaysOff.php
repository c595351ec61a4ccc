<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Time\CalendarDate;

/** Days without lessons, both ends among them. */
final readonly class DaysOff
{
    public function __construct(public CalendarDate $from, public CalendarDate $to)
    {
    }

    public function has(CalendarDate $date): bool
    {
        return $this->from->number() <= $date->number() && $date->number() <= $this->to->number();
    }
}
