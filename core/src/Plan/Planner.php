<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Skill\NoSuchRung;

/** A run of lessons up the ladder, each in its parts. The same seed gives the same plan. */
final readonly class Planner
{
    /** A run of so many lessons at the most: a school year of five a week. */
    public const MOST = 200;

    /** Activities of so many lessons before are not played again yet. */
    private const FRESH = 2;

    /** So many sums are not taken again: those of more than a week. */
    private const NOT_AGAIN = 60;

    public function __construct(private Climb $climb, private Filling $filling)
    {
    }

    /**
     * @param list<string> $wanted ids of rungs
     * @param list<Slot>   $slots  one for each lesson, in order; those beyond {@see MOST} are left out
     *
     * @throws NoSuchRung
     */
    public function plan(array $wanted, array $slots, Facts $facts, int $seed): Plan
    {
        $slots = \array_slice($slots, 0, self::MOST);
        [$steps, $said] = $this->climb->steps($wanted, $facts, \count($slots));
        $lessons = [];
        $had = [];
        $of = array_count_values(array_map(static fn (Step $step): string => $step->rung, $steps));
        $before = null;
        $played = [];
        $numbers = [];
        foreach ($steps as $i => $step) {
            $numbers[$step->rung] = ($numbers[$step->rung] ?? 0) + 1;
            $step = $step->asNumber($numbers[$step->rung], $of[$step->rung]);
            $parts = $this->filling->parts($step, $slots[$i], $facts, self::seed($seed, $i), $before, array_merge(...\array_slice($played, -self::FRESH)), \array_slice($had, -self::NOT_AGAIN));
            foreach ($parts as $part) {
                array_push($had, ...$part->bareSums());
            }
            $lessons[] = new Lesson($slots[$i], $step, $parts);
            $played[] = array_values(array_filter(array_map(static fn (Part $part): ?string => $part->activity, $parts)));
            $before = $step->rung;
        }

        return new Plan($lessons, $said);
    }

    /** Of each lesson its own. */
    public static function seed(int $seed, int $lesson): int
    {
        return crc32($seed.' lesson '.$lesson) % 1_000_000;
    }
}
