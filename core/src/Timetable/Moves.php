<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Time\TimeOfDay;

/** By how much times can be moved together ({@see AnyTable::moves()}). */
final class Moves
{
    /** So many minutes at most. */
    private const FURTHEST = 100;

    /**
     * @param list<int> $times minutes since the midnight with which the first day begins
     *
     * @return list<int>
     */
    public static function of(array $times): array
    {
        $days = array_map(static fn (int $time): int => intdiv($time, TimeOfDay::DAY), $times);
        $step = [] === array_filter($times, static fn (int $time): bool => 0 !== $time % 5) ? 5 : 1;
        $moves = [];
        for ($by = $step; $by <= self::FURTHEST; $by += $step) {
            foreach ([$by, -$by] as $move) {
                if (array_map(static fn (int $time): int => (int) floor(($time + $move) / TimeOfDay::DAY), $times) === $days) {
                    $moves[] = $move;
                }
            }
        }

        return $moves;
    }
}
