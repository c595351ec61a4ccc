<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Evidence;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Evidence\Learning;
use Rostik\Core\Evidence\Learnt;
use Rostik\Core\Evidence\Seen;
use Rostik\Core\Evidence\Standing;

/** What is said of a child holds for simulated learners that are stated here, apart from the model. */
final class LearningTest extends TestCase
{
    /** @param list<array{bool, string}> $answers */
    private function learnt(array $answers): Learnt
    {
        return Learning::of(array_map(static fn (array $one): Seen => new Seen($one[0], $one[1]), $answers));
    }

    public function testOneAnswerProvesNothing(): void
    {
        self::assertSame(Standing::NotSeen, $this->learnt([])->standing);
        self::assertSame(Standing::NotSeen, $this->learnt([[true, '2027-03-11']])->standing);
        self::assertSame(Standing::NotSeen, $this->learnt([[false, '2027-03-11']])->standing);
    }

    public function testSecureTakesTwoDays(): void
    {
        $day = static fn (int $n): string => \sprintf('2027-03-%02d', $n);
        self::assertSame(Standing::OnTheWay, $this->learnt(array_fill(0, 8, [true, $day(11)]))->standing);
        self::assertSame(Standing::Secure, $this->learnt([...array_fill(0, 4, [true, $day(11)]), ...array_fill(0, 3, [true, $day(12)])])->standing);
        self::assertSame(Standing::NotYet, $this->learnt(array_fill(0, 4, [false, $day(11)]))->standing);
        // newer answers weigh more
        $early = [[false, $day(1)], [false, $day(1)], [false, $day(2)], [true, $day(3)], [true, $day(4)], [true, $day(4)], [true, $day(5)]];
        self::assertGreaterThan($this->learnt(array_reverse($early))->next + 0.3, $this->learnt($early)->next);
        // one slip among many takes nothing away for good
        $slip = [...array_fill(0, 6, [true, $day(1)]), [false, $day(2)], ...array_fill(0, 3, [true, $day(3)])];
        self::assertSame(Standing::Secure, $this->learnt($slip)->standing);
    }

    /** By hand: of one set of values the filter is Bayes' theorem and a step of learning. */
    public function testTheNumbersStayProbabilities(): void
    {
        $last = 0.0;
        for ($n = 0; $n < 60; ++$n) {
            $all = $this->learnt(array_map(static fn (int $i): array => [true, '2027-03-'.(10 + $i % 9)], range(0, $n)));
            self::assertGreaterThanOrEqual(0, $all->known);
            self::assertLessThanOrEqual(1, $all->known);
            self::assertGreaterThanOrEqual($last - 1e-9, $all->next, 'another right answer takes nothing away');
            $last = $all->next;
        }
        self::assertGreaterThan(0.9, $last);
    }

    /** Learners of three sorts: who suddenly can, who slowly get better, who can or cannot all along. */
    /**
     * What lies further back than the last sixty is not missed: children of many sorts with up to 400 answers, some of whom come
     * to do it, or lose it, on the way; how likely the next one is right is known to the simulation.
     */
    public function testWhatLiesFarBackIsNotMissed(): void
    {
        mt_srand(11);
        $near = $far = 0.0;
        for ($child = 0; $child < 300; ++$child) {
            $turn = mt_rand(0, 400);
            [$before, $after] = [mt_rand(10, 95) / 100, mt_rand(10, 97) / 100];
            $answers = [];
            for ($i = 0, $count = mt_rand(80, 400); $i < $count; ++$i) {
                $answers[] = new Seen(mt_rand(0, 99) < 100 * ($i < $turn ? $before : $after), '2027-03-'.(1 + $i % 28));
            }
            $is = $count - 1 < $turn ? $before : $after;
            $near += (Learning::of($answers)->next - $is) ** 2;
            $far += (self::all($answers) - $is) ** 2;
        }
        self::assertLessThanOrEqual(sqrt($far / 300), sqrt($near / 300));
        // and thousands of them are no other thing
        $year = array_map(static fn (int $i): Seen => new Seen(0 !== $i % 2, '2027-03-10'), range(0, 5000));
        self::assertSame(Learning::LAST, Learning::of($year)->answers);
        self::assertEqualsWithDelta(Learning::of(\array_slice($year, -60))->next, Learning::of($year)->next, 1e-12);
    }

    /**
     * The same model over all of them, in logarithms.
     *
     * @param list<Seen> $seen
     */
    private static function all(array $seen): float
    {
        $logs = $nexts = [];
        foreach ([0.15, 0.5, 0.85] as $before) {
            foreach ([0.02, 0.12, 0.35] as $learns) {
                foreach ([0.03, 0.1, 0.2] as $slips) {
                    foreach ([0.02, 0.1, 0.3] as $guesses) {
                        [$can, $log] = [$before, 0.0];
                        foreach ($seen as $one) {
                            $right = $can * (1 - $slips) + (1 - $can) * $guesses;
                            $log += log($one->right ? $right : 1 - $right);
                            $can = $one->right ? $can * (1 - $slips) / $right : $can * $slips / (1 - $right);
                            $can = $can * 0.99 + (1 - $can) * $learns;
                        }
                        $logs[] = $log;
                        $nexts[] = $can * (1 - $slips) + (1 - $can) * $guesses;
                    }
                }
            }
        }
        $most = max($logs);
        $weights = array_map(static fn (float $log): float => exp($log - $most), $logs);

        return array_sum(array_map(static fn (float $weight, float $next): float => $weight * $next, $weights, $nexts)) / array_sum($weights);
    }

    public function testIsCalibratedAndSeldomCallsSecureWhoIsNot(): void
    {
        mt_srand(314);
        $chance = static fn (): float => mt_rand() / mt_getrandmax();
        $bins = [];
        [$secure, $falsely, $claims] = [0, 0, 0];
        for ($n = 0; $n < 4000; ++$n) {
            $length = mt_rand(3, 20);
            $slip = 0.02 + 0.13 * $chance();
            $guess = 0.2 * $chance();
            $from = $chance() < 0.4 ? 0 : mt_rand(1, 30);
            $slope = 0.1 + 0.5 * $chance();
            $middle = mt_rand(-5, 25);
            $sort = $n % 3;
            $can = static fn (int $t): float => match ($sort) {
                0 => $t >= $from ? 1 - $slip : $guess,
                1 => $guess + (1 - $slip - $guess) / (1 + exp(-$slope * ($t - $middle))),
                default => $from < 12 ? 1 - $slip : $guess,
            };
            $seen = [];
            for ($t = 0; $t < $length; ++$t) {
                $seen[] = new Seen($chance() < $can($t), '2027-03-'.(10 + intdiv($t, 3)));
            }
            $said = Learning::of($seen);
            $bin = min(9, (int) (10 * $said->next));
            $bins[$bin][] = [$said->next, $can($length)];
            if (Standing::Secure === $said->standing) {
                ++$secure;
                $falsely += $can($length) < 0.7 ? 1 : 0;
            }
            $claims += Standing::NotSeen === $said->standing ? 0 : 1;
        }
        $off = 0.0;
        $all = 0;
        foreach ($bins as $bin) {
            $off += abs(array_sum(array_column($bin, 0)) - array_sum(array_column($bin, 1)));
            $all += \count($bin);
        }
        self::assertLessThanOrEqual(0.05, $off / $all, 'the chance that the next is right');
        self::assertGreaterThan(600, $secure, 'it is said of many who are');
        self::assertLessThanOrEqual(0.05, $falsely / $secure);
        self::assertGreaterThan(3500, $claims);
    }
}
