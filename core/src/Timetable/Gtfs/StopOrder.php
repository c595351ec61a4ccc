<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Gtfs;

/** One order of stops in which services that call at different ones can stand in a table together. */
final class StopOrder
{
    /**
     * @param list<list<string>> $runs the stops of each service, in its order
     *
     * @return ?list<string> every stop once, in an order that all of them keep to; null where there is none
     */
    public static function of(array $runs): ?array
    {
        usort($runs, static fn (array $a, array $b): int => \count($b) <=> \count($a));
        $after = [];
        $before = [];
        $rank = [];
        foreach ($runs as $run) {
            foreach ($run as $i => $stop) {
                $after[$stop] ??= [];
                $before[$stop] ??= 0;
                // stops that are in no order among themselves stand as in the services that call at most stops
                $rank[$stop] ??= \count($rank);
                if (isset($run[$i + 1]) && !isset($after[$stop][$run[$i + 1]])) {
                    $after[$stop][$run[$i + 1]] = true;
                    $before[$run[$i + 1]] = ($before[$run[$i + 1]] ?? 0) + 1;
                }
            }
        }
        $order = [];
        $ready = array_keys(array_filter($before, static fn (int $count): bool => 0 === $count));
        $last = null;
        while ([] !== $ready) {
            // what follows the last one goes first, so that a run stays together
            usort($ready, static fn (string|int $a, string|int $b): int => [!isset($after[$last ?? ''][$a]), $rank[$a]] <=> [!isset($after[$last ?? ''][$b]), $rank[$b]]);
            $last = array_shift($ready);
            $order[] = (string) $last;
            foreach (array_keys($after[$last] ?? []) as $next) {
                if (0 === --$before[$next]) {
                    $ready[] = $next;
                }
            }
        }

        return \count($order) === \count($before) ? $order : null;
    }
}
