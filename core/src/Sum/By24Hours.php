<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\StatedTime;

/** A sum stated by the 24-hour clock. */
final class By24Hours
{
    /** As it is, where a half of the day is not said, and where a time is only to be written in the other form. */
    public static function of(Sum $sum): Sum
    {
        $times = $sum->times();
        if ([] === $times || Kind::Rewrite === $sum->kind() || [] !== $sum->readings() || [] !== array_filter($times, static fn (StatedTime $t): bool => !$t->halfSaid)) {
            return $sum;
        }

        return $sum->withTimes(...array_map(static fn (StatedTime $t): StatedTime => $t->as24(), $times));
    }
}
