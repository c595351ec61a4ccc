<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Sum;

use Carbon\CarbonImmutable;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Sum\ClockChain;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Part;
use Rostik\Core\Sum\SecondElapsed;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Time\Unit;

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
            self::assertSame((int) $from->diffInMinutes($to) * 60, $elapsed->amount->duration->seconds());
        }
    }

    public function testChainsSeriesAndSeconds(): void
    {
        mt_srand(712);
        $day = CarbonImmutable::create(2026, 6, 17, 0, 0, 0, 'UTC');
        self::assertNotNull($day);
        for ($i = 0; $i < 4000; ++$i) {
            $start = mt_rand(0, 86399);
            $from = $day->addSeconds($start);
            $minute = $day->addMinutes(intdiv($start, 60));
            $stated = StatedTime::of(TimeOfDay::ofMinutes(intdiv($start, 60)));
            $exact = $stated->toTheSecond($start % 60);

            $by = mt_rand(0, 90000);
            $later = SecondMove::later($exact, Amount::usual(Duration::ofSeconds($by)))->answer();
            self::assertSame($from->addSeconds($by)->format('H:i:s'), $later->value());
            self::assertSame((int) $day->diffInDays($from->addSeconds($by)->startOfDay()), $later->dayOffset);
            $earlier = SecondMove::earlier($exact, Amount::usual(Duration::ofSeconds($by)))->answer();
            self::assertSame($from->subSeconds($by)->format('H:i:s'), $earlier->value());
            self::assertSame((int) $day->diffInDays($from->subSeconds($by)->startOfDay()), $earlier->dayOffset);

            $end = mt_rand(0, 86399);
            $to = $day->addSeconds($end);
            $elapsed = SecondElapsed::of($exact, StatedTime::of(TimeOfDay::ofMinutes(intdiv($end, 60)))->toTheSecond($end % 60))->answer();
            self::assertSame((int) $from->diffInSeconds($to <= $from ? $to->addDay() : $to), $elapsed->amount->duration->seconds());

            [$a, $b, $c] = [mt_rand(0, 900), mt_rand(0, 900), mt_rand(0, 900)];
            $chain = ClockChain::of($stated, Part::added(Amount::minutes($a)), Part::taken(Amount::minutes($b)), Part::added(Amount::minutes($c)))->answer();
            $carbon = $minute->addMinutes($a)->subMinutes($b)->addMinutes($c);
            self::assertSame($carbon->format('H:i'), $chain->value());
            self::assertSame((int) $day->diffInDays($carbon->startOfDay()), $chain->dayOffset);

            $every = mt_rand(1, 200);
            $listed = implode(', ', array_map(static fn (int $n): string => $minute->addMinutes($n * $every)->format('H:i'), range(0, 5)));
            self::assertSame($listed, Series::counted(Amount::minutes($every), $stated, 6)->answer()->value());
        }
    }

    public function testTenthsOfASecond(): void
    {
        mt_srand(453);
        $zero = CarbonImmutable::create(2026, 6, 17, 0, 0, 0, 'UTC');
        self::assertNotNull($zero);
        $tenths = static fn (int $n): Amount => Amount::usual(Duration::of($n, Chain::Clock));
        $ours = static fn (Amount $x): string => \sprintf('%02d:%02d:%02d.%d00', $x->number(Unit::Hour), $x->number(Unit::Minute), $x->number(Unit::Second), $x->number(Unit::Tenth));
        for ($i = 0; $i < 2000; ++$i) {
            [$a, $b] = [mt_rand(0, 60_000), mt_rand(0, 20_000)];
            self::assertSame($zero->modify('+'.(100 * $a).' ms')->modify('+'.(100 * $b).' ms')->format('H:i:s.v'), $ours(Total::of($tenths($a), $tenths($b))->answer()->amount));
            [$more, $less] = [max($a, $b), min($a, $b)];
            self::assertSame($zero->modify('+'.(100 * $more).' ms')->modify('-'.(100 * $less).' ms')->format('H:i:s.v'), $ours(Difference::of($tenths($more), $tenths($less))->answer()->amount));
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
                Total::of($first, $second)->answer()->amount->duration->seconds(),
            );
            self::assertSame(
                (int) $zero->addMinutes($b)->diffInSeconds($zero->addMinutes($a)),
                Difference::of($first, $second)->answer()->amount->duration->seconds(),
            );
        }
    }
}
