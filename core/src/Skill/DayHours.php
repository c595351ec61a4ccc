<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\TimeOfDay;

/**
 * Between which hours the times of drawn sums lie. Children add and take away times of their own day; nobody of eight to
 * twelve is out at ten to four in the morning (common practice, no source).
 */
enum DayHours: string
{
    case School = 'school';
    case Waking = 'waking';
    case Whole = 'whole';

    /** @return array{int, int} the earliest and the latest, in minutes since midnight, both included */
    public function bounds(): array
    {
        return match ($this) {
            self::School => [8 * 60, 16 * 60],
            self::Waking => [6 * 60, 21 * 60],
            self::Whole => [0, TimeOfDay::DAY],
        };
    }

    /** Whether all that has its place on the day lies within: the times that are given, the one that is found, and the way between. */
    public function hold(Sum $sum): bool
    {
        if (self::Whole === $this) {
            return true;
        }
        [$from, $to] = $this->bounds();
        $way = $sum->plain()->way();
        if (null !== $way && $way->halfSaid() && ($way->low() < $from || $way->high() > $to)) {
            return false;
        }
        foreach ($sum->times() as $time) {
            if ($time->halfSaid && ($time->minutes < $from || $time->minutes > $to)) {
                return false;
            }
        }

        return true;
    }
}
