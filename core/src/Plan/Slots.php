<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Time\CalendarDate;

/** The times of lessons, from what there is every week and the days that fall out. */
final readonly class Slots
{
    /** After so many days without enough lessons there are no more. */
    private const FAR = 1100;

    /**
     * @param list<Weekly>  $week
     * @param list<DaysOff> $off
     *
     * @return list<Slot> the earliest first; fewer than wanted where too many days fall out
     */
    public static function from(CalendarDate $first, int $count, array $week, array $off = []): array
    {
        $slots = [];
        for ($days = 0; $days < self::FAR && \count($slots) < $count; ++$days) {
            $date = $first->plusDays($days);
            if ([] !== array_filter($off, static fn (DaysOff $one): bool => $one->has($date))) {
                continue;
            }
            $today = array_values(array_filter($week, static fn (Weekly $one): bool => $one->weekday === $date->weekday()));
            usort($today, static fn (Weekly $a, Weekly $b): int => $a->start <=> $b->start);
            foreach ($today as $one) {
                $slots[] = new Slot($date, $one->start, $one->minutes);
            }
        }

        return \array_slice($slots, 0, max(0, $count));
    }
}
