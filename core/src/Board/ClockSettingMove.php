<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Notation\Changed;
use Rostik\Core\Picture\LineJump;

/** A way gone on the open clock. */
final readonly class ClockSettingMove
{
    /**
     * @param int            $from    minutes since midnight
     * @param int            $to      on the same count: below 0 on the day before, 1440 or more on the next
     * @param list<LineJump> $jumps   as the number line has them
     * @param list<LineJump> $hours   each hour by itself; the same where there are no two hours, or too many
     * @param Changed        $changed what stayed and what changed, and why
     * @param bool           $byHours whether it was asked for hour by hour
     * @param string         $sum     the same as a sum, in the notation
     */
    public function __construct(public int $from, public int $to, public array $jumps, public array $hours, public Changed $changed, public bool $byHours, public string $sum)
    {
    }
}
