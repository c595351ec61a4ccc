<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A time on the day strip. */
final readonly class DayPin
{
    /**
     * @param int    $at    minutes since midnight, 0 to 1440
     * @param string $label marked text
     * @param string $role  "start" or "end" of the sum
     */
    public function __construct(public int $at, public string $label, public string $role)
    {
    }
}
