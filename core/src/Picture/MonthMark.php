<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A day of a month page that is marked. */
final readonly class MonthMark
{
    /**
     * @param int    $day   of the month
     * @param string $role  "start", "end" or "passed"
     * @param string $label small beside the number: how many days it is by then; may be empty
     * @param bool   $asked whether it is the answer to be found
     */
    public function __construct(public int $day, public string $role, public string $label = '', public bool $asked = false)
    {
    }
}
