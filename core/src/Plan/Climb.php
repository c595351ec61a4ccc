<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\NoSuchRung;
use Rostik\Core\Skill\Rung;

/**
 * The path up the ladder: each rung after what it needs, a second lesson where one is seldom enough, and time to come back.
 * How many lessons a rung takes, and how often one comes back, is common practice, no source.
 */
final readonly class Climb
{
    /** One lesson of so many is there to come back. */
    private const BACK = 5;
    /** Where there are too few lessons for all that is wanted, one of so many. */
    private const BACK_IN_HASTE = 8;
    private const MOST_OF_A_RUNG = 3;
    /** What a mistake that is looked for on a rung adds to how hard it is, in shares of the class that is not secure. */
    private const HARDER_BY = 0.1;

    public function __construct(private Ladder $ladder)
    {
    }

    /**
     * What has to be taught for what is wanted, from the bottom up: all it needs that the class does not have.
     *
     * @param list<string> $wanted ids of rungs
     *
     * @return list<string>
     *
     * @throws NoSuchRung
     */
    public function needed(array $wanted, Facts $facts): array
    {
        $order = array_flip(array_map(static fn (Rung $rung): string => $rung->id, $this->ladder->rungs()));
        usort($wanted, static fn (string $a, string $b): int => ($order[$a] ?? 0) <=> ($order[$b] ?? 0));
        $needed = [];
        foreach ($wanted as $id) {
            $this->visit($this->ladder->rung($id), $facts, $needed);
        }

        return array_keys($needed);
    }

    /**
     * @param list<string> $wanted ids of rungs
     *
     * @return array{list<Step>, list<string>} a step for each lesson, and what is to be said of the whole
     *
     * @throws NoSuchRung
     */
    public function steps(array $wanted, Facts $facts, int $lessons): array
    {
        $needed = $this->needed($wanted, $facts);
        $said = [];
        foreach (array_diff(array_unique($wanted), $needed) as $id) {
            $said[] = \sprintf('“%s” is left out: %s.', $this->topic($id), $facts->of($id)->text());
        }
        if ([] === $needed) {
            return [$this->keptUp($wanted, $facts, $lessons), $said];
        }
        $back = min(intdiv($lessons, self::BACK), max(intdiv($lessons, self::BACK_IN_HASTE), $lessons - \count($needed)));
        $taught = \array_slice($needed, 0, $lessons - $back);
        $missed = \array_slice($needed, \count($taught));
        if ([] !== $missed) {
            $said[] = \sprintf('Not reached in %d %s: %s.', $lessons, 1 === $lessons ? 'lesson' : 'lessons', implode('; ', array_map($this->topic(...), $missed)));
        }
        $times = $this->times($taught, $facts, $lessons - $back);
        $steps = [];
        foreach ($taught as $rung) {
            for ($time = 1; $time <= $times[$rung]; ++$time) {
                $steps[] = 1 === $time
                    ? new Step($rung, Purpose::New, \in_array($rung, $wanted, true) ? $this->whyWanted($rung, $facts, $taught) : $this->whyNeeded($rung, $facts, $needed))
                    : new Step($rung, Purpose::Again, \sprintf('One lesson is seldom enough for it: %s, and %s.', $facts->of($rung)->text(), $this->mistakes($rung)));
            }
        }

        return [$this->withTimeToComeBack($steps, $lessons, $facts), $said];
    }

    /** @param array<string, true> $needed in order */
    private function visit(Rung $rung, Facts $facts, array &$needed): void
    {
        if (isset($needed[$rung->id]) || $facts->of($rung->id)->isSecure()) {
            return;
        }
        foreach ($rung->needs as $id) {
            $this->visit($this->ladder->rung($id), $facts, $needed);
        }
        $needed[$rung->id] = true;
    }

    /**
     * How many lessons each of them has: one, and what is left over where it is hardest.
     *
     * @param list<string> $rungs
     *
     * @return array<string, int>
     */
    private function times(array $rungs, Facts $facts, int $lessons): array
    {
        $hard = $times = [];
        foreach ($rungs as $rung) {
            $known = $facts->of($rung);
            $hard[$rung] = 1 - $known->secure / max(1, $known->children) + self::HARDER_BY * \count($this->ladder->rung($rung)->mistakes);
            $times[$rung] = 1;
        }
        for ($left = $lessons - \count($rungs); $left > 0; --$left) {
            $next = null;
            foreach ($rungs as $rung) {
                // what has had a lesson counts for less
                if ($times[$rung] < self::MOST_OF_A_RUNG && (null === $next || $hard[$rung] / $times[$rung] > $hard[$next] / $times[$next])) {
                    $next = $rung;
                }
            }
            if (null === $next) {
                break;
            }
            ++$times[$next];
        }

        return $times;
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private function withTimeToComeBack(array $steps, int $lessons, Facts $facts): array
    {
        $all = [];
        $back = $lessons - \count($steps);
        $met = [];
        foreach ($steps as $i => $step) {
            $all[] = $step;
            $met[$step->rung] = \count($all);
            // as evenly as can be
            while (\count($all) - $i - 1 < intdiv(($i + 1) * $back, \count($steps))) {
                $rung = $this->weakest($met, $facts);
                $all[] = new Step($rung, Purpose::Back, \sprintf('To come back to: it was met %s, and %s.', self::ago(\count($all) + 1 - $met[$rung]), $facts->of($rung)->text()));
                $met[$rung] = \count($all);
            }
        }

        return $all;
    }

    /**
     * Of what was met, that which the fewest have, and which was met longest ago; not the last one where there is another.
     *
     * @param non-empty-array<string, int> $met by rung: in which lesson last
     */
    private function weakest(array $met, Facts $facts): string
    {
        $last = max($met);
        $rungs = array_keys(\count($met) > 1 ? array_filter($met, static fn (int $lesson): bool => $lesson < $last) : $met);
        usort($rungs, static fn (string $a, string $b): int => [$met[$a] > $last - 3 ? 1 : 0, $facts->of($a)->secure, $met[$a]] <=> [$met[$b] > $last - 3 ? 1 : 0, $facts->of($b)->secure, $met[$b]]);

        return $rungs[0];
    }

    /**
     * The class has all that is wanted: it is met again, one after the other.
     *
     * @param list<string> $wanted
     *
     * @return list<Step>
     */
    private function keptUp(array $wanted, Facts $facts, int $lessons): array
    {
        $wanted = array_values(array_unique($wanted));
        $steps = [];
        for ($i = 0; [] !== $wanted && $i < $lessons; ++$i) {
            $rung = $wanted[$i % \count($wanted)];
            $steps[] = new Step($rung, Purpose::Back, \sprintf('To keep it up: %s.', $facts->of($rung)->text()));
        }

        return $steps;
    }

    /** @param list<string> $taught */
    private function whyWanted(string $rung, Facts $facts, array $taught): string
    {
        $needs = $this->ladder->rung($rung)->needs;
        $before = array_values(array_intersect($needs, $taught));

        return match (true) {
            [] !== $before => \sprintf('You want it; it comes after “%s”.', implode('” and “', array_map($this->topic(...), $before))),
            [] !== $needs => \sprintf('You chose this, and the class is ready for it: “%s”.', implode('” and “', array_map($this->topic(...), $needs))),
            default => \sprintf('You want it; %s.', $facts->of($rung)->text()),
        };
    }

    /** @param list<string> $needed */
    private function whyNeeded(string $rung, Facts $facts, array $needed): string
    {
        $above = array_values(array_filter($needed, fn (string $other): bool => \in_array($rung, $this->ladder->rung($other)->needs, true)));

        return \sprintf('“%s” needs it, and %s.', [] === $above ? 'What you want' : $this->topic($above[0]), $facts->of($rung)->text());
    }

    private function mistakes(string $rung): string
    {
        $count = \count($this->ladder->rung($rung)->mistakes);

        return 1 === $count ? 'there is a mistake to look for' : \sprintf('there are %d mistakes to look for', $count);
    }

    private static function ago(int $lessons): string
    {
        return 1 === $lessons ? 'last time' : \sprintf('%d lessons ago', $lessons);
    }

    private function topic(string $rung): string
    {
        return Topic::of($this->ladder->rung($rung));
    }
}
