<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Judging;

use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Verdict;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Tests\Core;

/** Things that are put in order by numbers: each in its turn, or each with its rank. All orders of four, for many fours. */
final class RanksTest extends TestCase
{
    public function testOrderAndRanksAreBothRight(): void
    {
        $dice = new Randomizer(new Xoshiro256StarStar(31));
        $judge = Core::get(Judge::class);
        $reader = Core::get(SumReader::class);
        for ($n = 0; $n < 40; ++$n) {
            $times = [];
            while (\count($times) < 4) {
                $times[5 * $dice->getInt(0, 287)] = true;
            }
            $times = $dice->shuffleArray(array_keys($times));
            $sum = $reader->read('order '.implode(', ', array_map(static fn (int $at): string => \sprintf('%d:%02d %s', (intdiv($at, 60) + 11) % 12 + 1, $at % 60, $at < 720 ? 'am' : 'pm'), $times)))->sum;
            $order = array_keys($times);
            usort($order, static fn (int $a, int $b): int => $times[$a] <=> $times[$b]);
            $ranks = array_map(static fn (int $i): int => (int) array_search($i, $order, true), range(0, 3));
            foreach (self::orders(range(0, 3)) as $written) {
                $digits = implode(' ', array_map(static fn (int $i): string => (string) ($i + 1), $written));
                $judged = $judge->judge($sum, $digits);
                self::assertSame($written === $order || $written === $ranks, Verdict::Right === $judged->verdict, $digits);
                // letters name the things: they are no ranks
                $letters = implode(' ', array_map(static fn (int $i): string => 'abcd'[$i], $written));
                $lettered = $judge->judge($sum, $letters);
                self::assertSame($written === $order, Verdict::Right === $lettered->verdict, $letters);
                // no cause is named that only one of the two readings shows
                self::assertSame([], array_diff($judged->fits, $lettered->fits), $digits);
            }
        }
    }

    public function testWhatCountsTheSameMayStandEitherWayRound(): void
    {
        $sum = Core::get(SumReader::class)->read('order 7:40 am, 7 pm, 7 am')->sum;
        foreach (['b c a', 'c b a'] as $written) {
            self::assertSame(['ignores-am-pm'], Core::get(Judge::class)->judge($sum, $written)->fits, $written);
        }
    }

    /** Who writes the time once more as it stood has not written it in the form that was asked for. */
    public function testRepeatingIsNotAnswering(): void
    {
        $judge = Core::get(Judge::class);
        $reader = Core::get(SumReader::class);
        for ($minute = 0; $minute < 60; ++$minute) {
            $hour = $minute % 12 + 1;
            $digits = \sprintf('%d:%02d', $hour, $minute);
            self::assertSame(Verdict::Wrong, $judge->judge($reader->read($digits.' as words')->sum, $digits)->verdict, $digits);
            $words = $minute <= 30 ? $minute.' minutes past '.$hour : (60 - $minute).' minutes to '.($hour % 12 + 1);
            if (0 !== $minute) {
                self::assertSame(Verdict::Wrong, $judge->judge($reader->read($words.' as digital')->sum, $words)->verdict, $words);
                self::assertSame(Verdict::Right, $judge->judge($reader->read($digits.' as words')->sum, $words)->verdict, $words);
                self::assertSame(Verdict::Right, $judge->judge($reader->read($words.' as digital')->sum, $digits)->verdict, $words);
            }
            if ($minute > 30) {
                self::assertSame(Verdict::OtherForm, $judge->judge($reader->read($digits.' as words')->sum, $minute.' minutes past '.$hour)->verdict, $digits);
            }
            if ($minute < 10) {
                self::assertSame(Verdict::Incomplete, $judge->judge($reader->read($digits.' as digital')->sum, $hour.':'.$minute)->verdict, $digits);
            }
        }
    }

    /** A bare hour lacks the noughts that were to be written; a time in words has another form, and lacks none. */
    public function testABareHourIsNotATimeInWords(): void
    {
        $judge = Core::get(Judge::class);
        $reader = Core::get(SumReader::class);
        for ($hour = 13; $hour < 24; ++$hour) {
            $twelve = $hour - 12;
            $o = $reader->read($hour.':00 as 12h')->sum;
            self::assertSame(Verdict::Incomplete, $judge->judge($o, $twelve.' pm')->verdict, (string) $hour);
            self::assertSame(Verdict::Right, $judge->judge($o, $twelve.':00 pm')->verdict, (string) $hour);
            self::assertSame(Verdict::OtherForm, $judge->judge($reader->read($hour.':15 as 12h')->sum, 'quarter past '.$twelve.' pm')->verdict, (string) $hour);
        }
    }

    /**
     * @param list<int> $of
     *
     * @return list<list<int>>
     */
    private static function orders(array $of): array
    {
        if (\count($of) < 2) {
            return [$of];
        }
        $all = [];
        foreach ($of as $first) {
            foreach (self::orders(array_values(array_diff($of, [$first]))) as $rest) {
                $all[] = [$first, ...$rest];
            }
        }

        return $all;
    }
}
