<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A time on the day strip. */
final readonly class DayPin
{
    /**
     * @param int     $at    minutes since midnight, 0 to 1440
     * @param string  $label marked text
     * @param PinRole $role  what it is to the sum
     */
    public function __construct(public int $at, public string $label, public PinRole $role)
    {
    }
}
