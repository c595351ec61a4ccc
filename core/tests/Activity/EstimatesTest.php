<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Activity;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Activity\Bar;
use Rostik\Core\Activity\Estimates;

final class EstimatesTest extends TestCase
{
    public function testWhatCountsAsExactly(): void
    {
        $tries = Estimates::of([289, 290, 300, 310, 311], 300, 10);
        self::assertSame([1, 3, 1], [$tries->under(), $tries->exactly(), $tries->over()]);
        $strict = Estimates::of([299, 300, 301], 300, 0);
        self::assertSame([1, 1, 1], [$strict->under(), $strict->exactly(), $strict->over()]);
    }

    /** Hinges of 1, 3, 5, 7, 9 are 3 and 7; of 1 to 8, 2.5 and 6.5 (by hand, after J. W. Tukey). */
    public function testMedianAndHinges(): void
    {
        $odd = Estimates::of([90, 10, 70, 30, 50], 300, 10);
        self::assertSame([50.0, [30.0, 70.0]], [$odd->median(), $odd->half()]);
        $even = Estimates::of([10, 20, 30, 40, 50, 60, 70, 80], 300, 10);
        self::assertSame([45.0, [25.0, 65.0]], [$even->median(), $even->half()]);
        self::assertNull(Estimates::of([1, 2, 3], 300, 10)->half());
        self::assertNull(Estimates::of([], 300, 10)->median());
    }

    public function testBarsHoldEveryTryAndAreFew(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 400; ++$i) {
            $target = 10 * mt_rand(10, 180);
            $tries = array_map(static fn (): int => mt_rand(0, 2 * $target), range(1, mt_rand(1, 40)));
            $bars = Estimates::of($tries, $target, 10)->bars();
            self::assertSame(\count($tries), array_sum(array_map(static fn (Bar $bar): int => $bar->count, $bars)));
            self::assertLessThanOrEqual(12, \count($bars));
            self::assertContains($target, array_map(static fn (Bar $bar): int => $bar->from, $bars), 'the target stands at the edge of a bar');
            foreach ($bars as $k => $bar) {
                self::assertSame($k > 0 ? $bars[$k - 1]->to : $bar->from, $bar->from);
            }
        }
        self::assertSame([], Estimates::of([], 300, 10)->bars());
        // somebody who forgot to stop
        self::assertLessThan(400, \count(Estimates::of([1, 9000], 100, 10)->bars()));
    }

    public function testWhatIsSaid(): void
    {
        self::assertSame(['In order of length, the one in the middle is 27.5 s.', 'Half of all tries lie between 26.0 s and 29.5 s.', 'More stopped too early than too late: to us the time feels longer than it is.'], Estimates::of([250, 270, 280, 310], 300, 10)->said());
        self::assertSame(['In order of length, the one in the middle is 30.0 s.', 'Every one was exactly right.'], Estimates::of([300], 300, 10)->said());
        self::assertContains('As many stopped too early as too late.', Estimates::of([200, 400], 300, 10)->said());
        self::assertContains('More stopped too late than too early: to us the time feels shorter than it is.', Estimates::of([400], 300, 10)->said());
        self::assertSame([], Estimates::of([], 300, 10)->said());
    }

    public function testBesideTheLastTime(): void
    {
        $then = Estimates::of([240, 360], 300, 10);
        self::assertSame('Nearer than on Monday: a try in the middle was 6.0 s off then, and is 2.0 s now.', Estimates::of([280], 300, 10)->since($then, 'Monday'));
        self::assertSame('Not as near as on Monday: a try in the middle was 6.0 s off then, and is 9.0 s now.', Estimates::of([390], 300, 10)->since($then, 'Monday'));
        self::assertSame('As near as on Monday: a try in the middle was 6.0 s off then, too.', Estimates::of([360], 300, 10)->since($then, 'Monday'));
        self::assertNull(Estimates::of([280], 300, 10)->since(Estimates::of([80], 100, 10), 'Monday'), 'another length');
        self::assertNull(Estimates::of([280], 300, 10)->since(Estimates::of([], 300, 10), 'Monday'));
    }
}
