<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\StatedDate;

/** A sum with dates. */
interface OfDates extends Sum
{
    /** @return list<StatedDate> the dates that are given, in order */
    public function dates(): array;

    /** The same with as much said as in another sum of its kind: the year, the day of the week, both ends. */
    public function saidAs(Sum $like): self;
}
