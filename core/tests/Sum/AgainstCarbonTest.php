<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Sum;

use Carbon\CarbonImmutable;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/** The answers beside those of nesbot/carbon (general-purpose dates, Packagist), on a fixed day in UTC. */
final class AgainstCarbonTest extends TestCase
{
    public function testLaterEarlierElapsed(): void
    {
        mt_srand(8321);
        $day = CarbonImmutable::create(2026, 6, 17, 0, 0, 0, 'UTC');
        self::assertNotNull($day);
        for ($i = 0; $i < 20000; ++$i) {
            $start = mt_rand(0, 1439);
            $length = mt_rand(0, 3 * 1440);
            $stated = StatedTime::of(TimeOfDay::ofMinutes($start));
            $from = $day->addMinutes($start);

            $later = Later::of($stated, Amount::minutes($length))->answer();
            $carbon = $from->addMinutes($length);
            self::assertSame($carbon->format('H:i'), $later->value());
            self::assertSame((int) $day->diffInDays($carbon->startOfDay()), $later->dayOffset);

            $earlier = Earlier::of($stated, Amount::minutes($length))->answer();
            $carbon = $from->subMinutes($length);
            self::assertSame($carbon->format('H:i'), $earlier->value());
            self::assertSame((int) $day->diffInDays($carbon->startOfDay()), $earlier->dayOffset);

            $end = mt_rand(0, 1439);
            $to = $day->addMinutes($end);
            $to = $to <= $from ? $to->addDay() : $to;
            $elapsed = Elapsed::of($stated, StatedTime::of(TimeOfDay::ofMinutes($end)))->answer();
            self::assertSame((int) $from->diffInMinutes($to) * 60, $elapsed->amount->duration->count);
        }
    }

    public function testTotalsAndDifferences(): void
    {
        mt_srand(1440);
        $zero = CarbonImmutable::create(2026, 1, 1, 0, 0, 0, 'UTC');
        self::assertNotNull($zero);
        for ($i = 0; $i < 5000; ++$i) {
            $a = mt_rand(0, 720);
            $b = mt_rand(0, $a);
            $first = Amount::minutes($a);
            $second = Amount::minutes($b);
            self::assertSame(
                (int) $zero->diffInSeconds($zero->addMinutes($a)->addMinutes($b)),
                Total::of($first, $second)->answer()->amount->duration->count,
            );
            self::assertSame(
                (int) $zero->addMinutes($b)->diffInSeconds($zero->addMinutes($a)),
                Difference::of($first, $second)->answer()->amount->duration->count,
            );
        }
    }
}
