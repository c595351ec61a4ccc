<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Skill;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\DayHours;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Sum\Unknown;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\Unit;

final class FeaturesTest extends TestCase
{
    /** @param array<string, mixed> $wanted */
    #[DataProvider('sums')]
    public function testWhatASumIsMadeOf(string $text, array $wanted): void
    {
        $features = Features::of(Core::get(SumReader::class)->read($text)->sum);
        foreach ($wanted as $feature => $value) {
            self::assertSame($value, $features->$feature, $feature.' of '.$text);
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>}> worked by hand */
    public static function sums(): iterable
    {
        foreach ([
            '1:50 pm + 3 h 30 min' => ['regroups' => true, 'fives' => true, 'crossesHour' => true, 'crossesNoon' => false, 'oClocks' => 4, 'unknown' => Unknown::End, 'terms' => 2, 'units' => [Unit::Hour, Unit::Minute]],
            '3:05 pm + 20 min' => ['regroups' => false, 'crossesHour' => false, 'oClocks' => 0, 'units' => [Unit::Minute]],
            '3:41 pm + 20 min' => ['fives' => false, 'oClocks' => 1],
            '11:15 am + 2 h' => ['regroups' => false, 'crossesNoon' => true, 'twelveToOne' => true],
            '11:15 am + 45 min' => ['crossesNoon' => true, 'twelveToOne' => false],
            '12:50 pm - 3 h' => ['crossesNoon' => true, 'twelveToOne' => false, 'crossesMidnight' => false],
            '22:50 to 06:15' => ['regroups' => true, 'crossesMidnight' => true, 'crossesNoon' => false, 'unknown' => Unknown::Length],
            '7 am to 7 am' => ['crossesMidnight' => true, 'crossesNoon' => true, 'oClocks' => 24],
            '_ + 45 min = 10:20 am' => ['unknown' => Unknown::Start, 'regroups' => true],
            '9:35 am + _ = 11:10 am' => ['unknown' => Unknown::Length, 'terms' => 2],
            '3 h 40 min + 2 h 45 min + 5 min' => ['unknown' => Unknown::Answer, 'terms' => 3, 'regroups' => true],
            '1 h 25 min + 10 min' => ['regroups' => false, 'fives' => true],
            '6 h 10 min - 3 h 45 min' => ['regroups' => true],
            '5 h 21 min - 2 h 15 min' => ['regroups' => false, 'fives' => false],
            '4 weeks in days' => ['units' => [Unit::Week, Unit::Day], 'fives' => true],
        ] as $text => $wanted) {
            yield $text => [$text, $wanted];
        }
    }

    /**
     * @param list<int>   $seen
     * @param list<float> $shares expected, one for each
     */
    private static function chiSquared(array $seen, array $shares): float
    {
        $sum = 0.0;
        foreach ($seen as $i => $n) {
            $sum += ($n - $shares[$i]) ** 2 / $shares[$i];
        }

        return $sum;
    }

    /**
     * Sums come evenly from all possible ones: Pearson's chi-squared test of the starting quarter of the day and of the
     * minutes of the length, each against equal shares. The limit is the 99.9 % point of the distribution (tables of
     * chi-squared, 3 and 10 degrees of freedom: 16.27 and 29.59).
     */
    public function testDrawnSumsAreSpreadEvenly(): void
    {
        $forms = Core::get(Forms::class);
        $quarters = array_fill(0, 4, 0);
        $lengths = array_fill(1, 11, 0);
        $all = 0;
        $rung = Core::get(Ladder::class)->rung('earlier-within-hour');
        for ($seed = 0; $seed < 150; ++$seed) {
            foreach (Core::get(Generator::class)->draw($rung, Level::Support, 8, $seed, new Limits(day: DayHours::Whole))->sums as $sum) {
                preg_match('/^(\d+):(\d+) ([ap])\.m\. - (\d+) min$|^12 (noon|midnight)/', $forms->write($sum, Writer::plain()), $m);
                if (!isset($m[4]) || '' === $m[4]) {
                    continue;
                }
                ++$all;
                ++$quarters[intdiv((int) $m[1] % 12 + ('p' === $m[3] ? 12 : 0), 6)];
                ++$lengths[intdiv((int) $m[4], 5)];
            }
        }
        self::assertGreaterThan(1000, $all);
        self::assertLessThan(16.27, self::chiSquared(array_values($quarters), array_fill(0, 4, $all / 4)));
        // within the hour, 5 minutes back can begin at eleven of the twelve fives, 55 minutes back at one
        $ways = array_sum(range(1, 11));
        self::assertLessThan(29.59, self::chiSquared(array_values($lengths), array_map(static fn (int $five): float => $all * (12 - $five) / $ways, range(1, 11))));
    }
}
