<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Activity\Shorter;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Skill\Level;

/** Which activity goes into a part of a lesson: for its rung, within its minutes, and another than last time. */
final readonly class Matching
{
    /** How long it takes hardly depends on the numbers: what is known of some numbers is good enough to choose by. */
    private const SEED = 1;

    /** What goes one way is no practice for what goes the other: an activity that practises later is not played in a lesson about earlier. */
    private const OTHER_WAY = ['later-' => 'earlier-', 'earlier-' => 'later-'];
    private const WARM_UPS = [Sort::WarmUp, Sort::Feel, Sort::Sorting];
    private const GAMES = [Sort::Game, Sort::Sorting, Sort::WarmUp];

    public function __construct(private Playing $playing, private Memory $memory = new NoMemory())
    {
    }

    /**
     * Activities that fit, the best first: what practises the first of the rungs before what practises the others, and what
     * fills the minutes best.
     *
     * @param list<string> $rungs   that it is to practise, the most wanted first
     * @param int          $minutes that there are
     * @param list<string> $not     ids of those that are not wanted now
     *
     * @return list<Fitting>
     */
    public function fitting(PartKind $kind, array $rungs, int $minutes, Facts $facts, Level $level, array $not = []): array
    {
        $sorts = PartKind::WarmUp === $kind ? self::WARM_UPS : self::GAMES;
        $found = [];
        foreach ($this->playing->ids() as $id) {
            $intro = $this->playing->intro($id);
            $for = array_values(array_intersect($rungs, $intro->rungs))[0] ?? null;
            if (null === $for || $this->goesTheOtherWay($rungs[0], $for) || \in_array($id, $not, true) || !\in_array($intro->sort, $sorts, true)) {
                continue;
            }
            $preset = $intro->presets[$for] ?? [];
            [[$size, $expected]] = $this->taken($id, $preset, $level, $facts, false);
            $group = $intro->sizes->isTogether() ? null : $size;
            $ways = [new Fitting($id, $intro->title, $for, $group, $preset, (int) round($expected))];
            // only what is too long is asked for its shorter ways
            $shorter = $ways[0]->minutes <= $minutes ? [] : \array_slice($this->taken($id, $preset, $level, $facts, true), 1);
            foreach ($shorter as [$size, $takes, $options]) {
                $ways[] = new Fitting($id, $intro->title, $for, $size ?? $group, $options + $preset, (int) round($takes));
            }
            $ways = array_values(array_filter($ways, static fn (Fitting $way): bool => $way->minutes <= $minutes));
            if ([] !== $ways) {
                usort($ways, static fn (Fitting $a, Fitting $b): int => $b->minutes <=> $a->minutes);
                $found[] = $ways[0];
            }
        }
        $place = array_flip($rungs);
        usort($found, static fn (Fitting $a, Fitting $b): int => [$place[$a->rung], -$a->minutes, $a->activity] <=> [$place[$b->rung], -$b->minutes, $b->activity]);

        return $found;
    }

    /**
     * What an activity takes, and its shorter ways where they are wanted. The same for every lesson of a class, and it has to be
     * dealt out to be known.
     *
     * @param array<string, string> $preset
     *
     * @return non-empty-list<array{?int, float, array<string, string>}> children in a group, minutes, what is chosen otherwise
     */
    private function taken(string $id, array $preset, Level $level, Facts $facts, bool $shorter): array
    {
        return $this->memory->remember([$id, $preset, $level, $facts->children, $facts->style, $facts->games[$id] ?? [], $shorter], function () use ($id, $preset, $level, $facts, $shorter): array {
            $planned = $this->playing->planned($id, null, $preset, $level, self::SEED, $facts, array_keys($preset), $shorter);

            return [[$planned->wanted->group, $planned->minutes->expected, []], ...array_map(static fn (Shorter $one): array => [$one->group, $one->minutes, $one->options], $planned->shorter)];
        });
    }

    /** @param string $about the rung that the lesson is about */
    private function goesTheOtherWay(string $about, string $practised): bool
    {
        foreach (self::OTHER_WAY as $way => $other) {
            if (str_starts_with($about, $way)) {
                return str_starts_with($practised, $other);
            }
        }

        return false;
    }
}
