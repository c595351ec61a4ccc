<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Weighing;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Tests\Core;
use Rostik\Core\Weighing\Choosing;
use Rostik\Core\Weighing\Diagnosis;
use Rostik\Core\Weighing\Diagnostician;
use Rostik\Core\Weighing\Finding;

/** Simulated classes, diagnosed: how often what a child has is found, and how often what it does not have is seen. */
final class Simulation
{
    private readonly Diagnostician $diagnostician;
    private readonly Choosing $choosing;
    private readonly Ladder $ladder;

    public function __construct(private readonly int $children, int $seed, private readonly float $slip = 0.1)
    {
        $this->diagnostician = Core::get(Diagnostician::class);
        $this->choosing = Core::get(Choosing::class);
        $this->ladder = Core::get(Ladder::class);
        mt_srand($seed);
    }

    /** What a rung is about may show at the second level or only at the third. */
    private const LEVELS = [Level::Core, Level::Stretch];

    /** @return list<Rung> those of whose mistakes at least one can show in a sum, bare or told */
    public function rungs(): array
    {
        return array_values(array_filter($this->ladder->rungs(), static fn (Rung $r): bool => \in_array($r->setting, [Setting::Bare, Setting::Told], true) && [] !== $r->mistakes));
    }

    /**
     * Children with one mistake each.
     *
     * @param bool $chosen whether the sums are chosen, or drawn at random
     *
     * @return array<string, array{int, int}> by mistake: in how many children it showed, in how many of them it came first
     */
    public function one(int $questions, bool $chosen = true): array
    {
        $figures = [];
        foreach ($this->rungs() as $rung) {
            foreach ($rung->mistakes as $mistake) {
                for ($n = 0; $n < $this->children; ++$n) {
                    [$diagnosis, $shown] = $this->child([$mistake], $this->sums($rung, $questions, $n, $chosen));
                    if (isset($shown[$mistake])) {
                        [$showed, $first] = $figures[$mistake] ?? [0, 0];
                        $figures[$mistake] = [$showed + 1, $first + ([] !== $diagnosis->findings && $mistake === $diagnosis->findings[0]->mistake ? 1 : 0)];
                    }
                }
            }
        }
        ksort($figures);

        return $figures;
    }

    /** @return array<string, array{int, int}> by rung: how many secure children, and how many of them were called mistaken */
    public function secure(int $questions): array
    {
        $figures = [];
        foreach ($this->rungs() as $rung) {
            $called = 0;
            for ($n = 0; $n < 3 * $this->children; ++$n) {
                $called += [] === $this->child([], $this->sums($rung, $questions, $n, true))[0]->findings ? 0 : 1;
            }
            $figures[$rung->id] = [3 * $this->children, $called];
        }

        return $figures;
    }

    /** @return array{int, int} in how many children two mistakes showed, and in how many of them both were found */
    public function two(int $questions): array
    {
        [$showed, $found] = [0, 0];
        foreach ($this->rungs() as $rung) {
            foreach ($rung->mistakes as $i => $a) {
                foreach (\array_slice($rung->mistakes, $i + 1) as $b) {
                    for ($n = 0; $n < max(1, intdiv($this->children, 6)); ++$n) {
                        [$diagnosis, $shown] = $this->child([$a, $b], $this->sums($rung, $questions, $n, true));
                        if (isset($shown[$a], $shown[$b])) {
                            ++$showed;
                            $ids = array_map(static fn (Finding $f): string => $f->mistake, $diagnosis->findings);
                            $found += \in_array($a, $ids, true) && \in_array($b, $ids, true) ? 1 : 0;
                        }
                    }
                }
            }
        }

        return [$showed, $found];
    }

    /**
     * Pairs of mistakes told apart, over all rungs: by chosen sets, by random sets of the same size, and at all.
     *
     * @return array{int, int, int}
     */
    public function separated(int $questions): array
    {
        [$chosen, $random, $all] = [0, 0, 0];
        $generator = Core::get(Generator::class);
        foreach ($this->rungs() as $rung) {
            for ($seed = 1; $seed <= 3; ++$seed) {
                $set = $this->choosing->choose($rung, Level::Core, $questions, $seed);
                $chosen += $set->separates;
                $all += $set->separable;
                $random += $this->choosing->separated($rung, Level::Core, $seed, ...$generator->draw($rung, Level::Core, $questions, 1000 + $seed)->sums);
            }
        }

        return [$chosen, $random, $all];
    }

    /** @var array<string, list<string>> */
    private array $sets = [];

    /** @return list<string> */
    private function sums(Rung $rung, int $questions, int $n, bool $chosen): array
    {
        // several sets for each rung, so that no one set decides
        $seed = $n % 4 + 1;
        $level = self::LEVELS[intdiv($n, 4) % 2];
        $key = $rung->id.$level->value.$questions.$seed.($chosen ? 'c' : 'r');
        if (!isset($this->sets[$key])) {
            $forms = Core::get(Forms::class);
            $this->sets[$key] = $chosen
                ? $this->choosing->choose($rung, $level, $questions, $seed)->sums
                : array_map(static fn (Question $q): string => ('' === $q->wording ? '' : $q->wording.' [').$forms->write($q->sum, Writer::plain()).('' === $q->wording ? '' : ']'), Core::get(Generator::class)->draw($rung, $level, $questions, $seed)->questions);
        }

        return $this->sets[$key];
    }

    /**
     * @param list<string> $mistakes
     * @param list<string> $sums
     *
     * @return array{Diagnosis, array<string, bool>} and the mistakes that led to at least one of the answers
     */
    private function child(array $mistakes, array $sums): array
    {
        $child = new Child($mistakes, $this->slip);
        $answers = [];
        $shown = [];
        foreach ($sums as $sum) {
            [$written, $by] = $child->answer($sum);
            $answers[] = [$sum, $written];
            foreach ($by as $mistake) {
                $shown[$mistake] = true;
            }
        }

        return [$this->diagnostician->diagnose($answers), $shown];
    }
}
