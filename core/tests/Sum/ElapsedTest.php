<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Sum;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

final class ElapsedTest extends TestCase
{
    /** Every start and every end of the day, 2 073 600 pairs, against plain minutes. */
    public function testEveryPairOfTimes(): void
    {
        $times = [];
        for ($m = 0; $m < 1440; ++$m) {
            $times[] = StatedTime::of(TimeOfDay::ofMinutes($m));
        }
        $wrong = 0;
        foreach ($times as $s => $start) {
            foreach ($times as $e => $end) {
                $sum = Elapsed::of($start, $end);
                // counted on the minutes of two days: the first end after the start
                $expected = $e > $s ? $e - $s : 1440 - $s + $e;
                if ($sum->answer()->amount->duration->minutes() !== $expected || $sum->overMidnight() !== ($e <= $s)
                    || $sum->regroups() !== ($e % 60 < $s % 60)) {
                    ++$wrong;
                }
            }
        }
        self::assertSame(0, $wrong);
    }

    public function testWithoutHalvesItDepends(): void
    {
        $sum = Elapsed::of(StatedTime::open(9, 15), StatedTime::open(11, 40));
        $minutes = array_map(static fn ($r) => $r->sum instanceof Elapsed ? $r->sum->minutes() : null, $sum->readings());
        self::assertSame([145, 865], $minutes);
        $this->expectException(CannotBeDone::class);
        $sum->answer();
    }
}
