<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Weighing;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Question;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Tests\Core;
use Rostik\Core\Weighing\Choosing;
use Rostik\Core\Weighing\Diagnosis;
use Rostik\Core\Weighing\Diagnostician;
use Rostik\Core\Weighing\Finding;

/**
 * Children more like real ones: who guess, who believe what is in no catalogue, who show a mistake only now and then, who have
 * learned in between. Stated apart from the catalogue and from the model of the weighing.
 */
final class RealPupils
{
    private const BARE = ['add-regroup', 'subtract-regroup', 'later-across-hour', 'earlier-across-hour', 'how-long-across-hours', 'across-noon', 'add-many'];

    private readonly Diagnostician $diagnostician;

    /** @var array<string, list<string>> */
    private array $sets = [];

    public function __construct(int $seed)
    {
        $this->diagnostician = Core::get(Diagnostician::class);
        mt_srand($seed);
    }

    /** @return list<Rung> rungs whose answers are lengths or times, so that every belief can show */
    public function rungs(): array
    {
        $ladder = Core::get(Ladder::class);
        $ids = array_map(static fn (Rung $r): string => $r->id, $ladder->rungs());

        return array_map($ladder->rung(...), array_values(array_intersect($ids, self::BARE)));
    }

    /** @return list<string> sums of one rung that were chosen to tell mistakes apart */
    public function chosen(Rung $rung, int $count): array
    {
        $seed = mt_rand(1, 6);

        return $this->sets[$rung->id.$count.'/'.$seed] ??= Core::get(Choosing::class)->choose($rung, Level::Core, $count, $seed)->sums;
    }

    /** @return list<string> sums of many kinds as they come */
    public function mixed(int $count): array
    {
        $seed = mt_rand(1, 12);
        if (!isset($this->sets['mixed'.$count.'/'.$seed])) {
            $all = [];
            $rungs = $this->rungs();
            foreach ($rungs as $i => $rung) {
                $wanted = intdiv($count, \count($rungs)) + ($i < $count % \count($rungs) ? 1 : 0);
                array_push($all, ...array_map(static fn (Question $q): string => Core::get(Forms::class)->write($q->sum, Writer::plain()), Core::get(Generator::class)->draw($rung, Level::Core, $wanted, 50 + $seed)->questions));
            }
            $this->sets['mixed'.$count.'/'.$seed] = $all;
        }

        return $this->sets['mixed'.$count.'/'.$seed];
    }

    /**
     * @param list<string>             $sums
     * @param \Closure(string): string $child what it writes
     */
    public function diagnosed(array $sums, \Closure $child): Diagnosis
    {
        return $this->diagnostician->diagnose(array_map(static fn (string $sum): array => [$sum, $child($sum)], $sums));
    }

    /** @return list<string> the causes that are named as likely: not those that rest on one answer, nor those of earlier */
    public static function named(Diagnosis $diagnosis): array
    {
        return array_values(array_map(static fn (Finding $f): string => $f->mistake, array_filter($diagnosis->findings, static fn (Finding $f): bool => self::isNamed($f))));
    }

    private static function isNamed(Finding $finding): bool
    {
        return !$finding->perhaps && $finding->lately;
    }

    /** Secure, with slips. */
    public static function secure(float $slip): \Closure
    {
        return static fn (string $sum): string => (new Child([], $slip))->answer($sum)[0];
    }

    /**
     * Mistakes that show in some of their chances only; otherwise as a secure child.
     *
     * @param list<string> $mistakes
     */
    public static function mistaken(array $mistakes, float $shown, float $slip): \Closure
    {
        return static fn (string $sum): string => (self::chance() < $shown ? new Child($mistakes, $slip) : new Child([], $slip))->answer($sum)[0];
    }

    public static function odd(OddBelief $belief, float $slip = 0.05): \Closure
    {
        return static fn (string $sum): string => self::chance() < $slip ? (new Child([], 1.0))->answer($sum)[0] : $belief->write($sum, (string) Child::write($sum, null));
    }

    /** Any answer of the right form. */
    public static function guessing(): \Closure
    {
        return static function (string $sum): string {
            $right = (string) Child::write($sum, null);
            $isTime = 1 === preg_match('/^\d+:\d+( [ap]\.m\.)?$/', $right, $m);
            $half = isset($m[1]) ? [' a.m.', ' p.m.'][mt_rand(0, 1)] : '';

            return OddBelief::said(mt_rand(1, 12), 5 * mt_rand(0, 11), $isTime, $half);
        };
    }

    /** Does anything at all with the hours, and anything at all with the minutes. */
    public static function combining(): \Closure
    {
        return static function (string $sum): string {
            $right = (string) Child::write($sum, null);
            $isTime = 1 === preg_match('/^\d+:\d+( [ap]\.m\.)?$/', $right, $m);
            $given = OddBelief::given($sum);
            $any = static fn (int $a, int $b): int => match (mt_rand(0, 3)) {
                0 => $a + $b,
                1 => abs($a - $b),
                2 => $a,
                default => $b,
            };

            return \count($given) < 2 ? $right : OddBelief::said($any($given[0][0], $given[1][0]), $any($given[0][1], $given[1][1]), $isTime, $m[1] ?? '');
        };
    }

    public static function chance(): float
    {
        return mt_rand() / mt_getrandmax();
    }

    /**
     * A class as the issue of the weighing describes it: 60 of 100 secure with slips, 25 with one mistake shown in 60 to 95 of
     * 100 chances, 5 with two, 5 with another belief, 5 guessing.
     *
     * @param \Closure(Rung): list<string> $sums
     *
     * @return array{named: int, false: int, bins: array<int, array{float, int, int}>, noSecure: int} how many causes were named, how many of them falsely; by tenth of "secure": sum, children, and how many were
     */
    public function class(int $children, \Closure $sums): array
    {
        $figures = ['named' => 0, 'false' => 0, 'bins' => [], 'noSecure' => 0];
        $rungs = $this->rungs();
        for ($n = 0; $n < $children; ++$n) {
            $rung = $rungs[mt_rand(0, \count($rungs) - 1)];
            $has = [];
            $slip = 0.02 + 0.16 * self::chance();
            $kind = self::chance();
            $mistakes = $rung->mistakes;
            shuffle($mistakes);
            if ($kind < 0.60) {
                $child = self::secure($slip);
            } elseif ($kind < 0.90) {
                $has = \array_slice($mistakes, 0, $kind < 0.85 ? 1 : 2);
                $child = self::mistaken($has, 0.6 + 0.35 * self::chance(), $slip);
            } else {
                $child = $kind < 0.95 ? self::odd(OddBelief::cases()[mt_rand(0, \count(OddBelief::cases()) - 1)]) : self::guessing();
            }
            $diagnosis = $this->diagnosed($sums($rung), $child);
            foreach (self::named($diagnosis) as $cause) {
                ++$figures['named'];
                $figures['false'] += \in_array($cause, $has, true) ? 0 : 1;
            }
            if (null === $diagnosis->secure) {
                ++$figures['noSecure'];
                continue;
            }
            $bin = min(9, (int) (10 * $diagnosis->secure));
            [$sum, $all, $were] = $figures['bins'][$bin] ?? [0.0, 0, 0];
            $figures['bins'][$bin] = [$sum + $diagnosis->secure, $all + 1, $were + ($kind < 0.60 ? 1 : 0)];
        }

        return $figures;
    }

    /**
     * The expected calibration error: by how much the said probability is off, over all tenths, each as heavy as it has children.
     *
     * @param array<int, array{float, int, int}> $bins
     */
    public static function calibration(array $bins): float
    {
        $all = max(1, array_sum(array_map(static fn (array $bin): int => $bin[1], $bins)));

        return array_sum(array_map(static fn (array $bin): float => abs($bin[0] - $bin[2]), $bins)) / $all;
    }

    /**
     * How the weighing fares with all of them: what is to be small is a share of children, "found" is to be large.
     *
     * @return array<string, float>
     */
    public function table(int $children): array
    {
        $rungs = $this->rungs();
        $beliefs = OddBelief::cases();
        $figures = [];
        $odd = $this->share($children, fn (int $n): Diagnosis => $this->diagnosed($this->chosen($rungs[$n % \count($rungs)], 8), self::odd($beliefs[$n % \count($beliefs)])));
        $figures['another belief: a cause named'] = $odd['named'];
        $figures['another belief: called secure'] = $odd['secure'];
        $figures['guesses: called secure'] = $this->share($children, fn (int $n): Diagnosis => $this->diagnosed($this->chosen($rungs[$n % \count($rungs)], 8), self::guessing()))['secure'];
        $figures['combines at random: a cause named'] = $this->share($children, fn (): Diagnosis => $this->diagnosed($this->mixed(20), self::combining()))['named'];
        [$figures['learned: still said to have it'], $figures['learned: said of earlier']] = $this->learned($children);
        foreach (['3 chosen' => fn (Rung $rung): array => $this->chosen($rung, 3), '8 chosen' => fn (Rung $rung): array => $this->chosen($rung, 8), '20 mixed' => fn (Rung $rung): array => $this->mixed(20)] as $what => $sums) {
            $class = $this->class(3 * $children, $sums);
            $figures['class, '.$what.': false of those named'] = $class['false'] / max(1, $class['named']);
            $figures['class, '.$what.': secure off by'] = self::calibration($class['bins']);
        }
        $figures['secure, one slip in five: a cause named'] = $this->share($children, fn (): Diagnosis => $this->diagnosed($this->mixed(20), self::secure(0.2)))['named'];
        $figures['shown in 60 of 100 chances: found'] = $this->found($children);

        return $figures;
    }

    /**
     * @param \Closure(int): Diagnosis $child
     *
     * @return array{named: float, secure: float} shares of children
     */
    private function share(int $children, \Closure $child): array
    {
        [$named, $secure] = [0, 0];
        for ($n = 0; $n < $children; ++$n) {
            $diagnosis = $child($n);
            $named += [] === self::named($diagnosis) ? 0 : 1;
            $secure += ($diagnosis->secure ?? 0) >= 0.5 ? 1 : 0;
        }

        return ['named' => $named / $children, 'secure' => $secure / $children];
    }

    /** @return array{float, float} of those who had a mistake for eight sums and then got eight right: said to have it still, and said to have had it */
    private function learned(int $children): array
    {
        [$all, $still, $earlier] = [0, 0, 0];
        $rungs = $this->rungs();
        for ($n = 0; $n < $children; ++$n) {
            $rung = $rungs[$n % \count($rungs)];
            $mistake = $rung->mistakes[mt_rand(0, \count($rung->mistakes) - 1)];
            $sums = $this->chosen($rung, 8);
            [$before, $after] = [self::mistaken([$mistake], 0.9, 0.05), self::secure(0.05)];
            $written = [...self::written($sums, $before), ...self::written($sums, $after)];
            $shown = array_filter($sums, static fn (string $sum, int $i): bool => $written[$i] === Child::write($sum, $mistake) && $written[$i] !== Child::write($sum, null), \ARRAY_FILTER_USE_BOTH);
            if (\count($shown) < 2) {
                continue;
            }
            ++$all;
            $diagnosis = $this->diagnostician->diagnose(self::beside([...$sums, ...$sums], $written));
            $still += \in_array($mistake, self::named($diagnosis), true) ? 1 : 0;
            $earlier += [] === array_filter($diagnosis->findings, static fn (Finding $f): bool => $f->mistake === $mistake && !$f->lately) ? 0 : 1;
        }

        return [$still / max(1, $all), $earlier / max(1, $all)];
    }

    /**
     * @param list<string>             $sums
     * @param \Closure(string): string $child
     *
     * @return list<string>
     */
    private static function written(array $sums, \Closure $child): array
    {
        return array_map(static fn (string $sum): string => $child($sum), $sums);
    }

    /**
     * @param list<string> $sums
     * @param list<string> $written
     *
     * @return list<array{string, string}>
     */
    private static function beside(array $sums, array $written): array
    {
        return array_map(static fn (string $sum, string $one): array => [$sum, $one], $sums, $written);
    }

    /** In how many children a mistake that shows in 60 of 100 chances is found, perhaps or surely, if it showed at all. */
    private function found(int $children): float
    {
        [$all, $found] = [0, 0];
        foreach ($this->rungs() as $rung) {
            foreach ($rung->mistakes as $mistake) {
                for ($n = 0; $n < $children / 20; ++$n) {
                    $sums = $this->chosen($rung, 8);
                    $written = self::written($sums, self::mistaken([$mistake], 0.6, 0.05));
                    $shown = array_filter($sums, static fn (string $sum, int $i): bool => $written[$i] === Child::write($sum, $mistake) && $written[$i] !== Child::write($sum, null), \ARRAY_FILTER_USE_BOTH);
                    if ([] === $shown) {
                        continue;
                    }
                    ++$all;
                    $found += \in_array($mistake, array_map(static fn (Finding $f): string => $f->mistake, $this->diagnostician->diagnose(self::beside($sums, $written))->findings), true) ? 1 : 0;
                }
            }
        }

        return $found / max(1, $all);
    }
}
