<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Skill;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Another;
use Rostik\Core\Skill\DayHours;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Sum\Crossing;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Tests\Core;

/** Every drawn sum needs what its rung is about, and lies in the hours of a child's day; each is worked out here in plain minutes. */
final class AboutTest extends TestCase
{
    /** @return iterable<string, array{string, Level}> */
    public static function rungs(): iterable
    {
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                if (Setting::Bare === $rung->setting) {
                    yield $rung->id.', '.$level->value => [$rung->id, $level];
                }
            }
        }
    }

    #[DataProvider('rungs')]
    public function testADrawnSumNeedsItsRungAndLiesByDay(string $id, Level $level): void
    {
        $rung = Core::get(Ladder::class)->rung($id);
        // 1000 of each in the long run of all tests
        $count = '1' === getenv('ROSTIK_EVERY') ? 1000 : 60;
        $drawn = Core::get(Generator::class)->draw($rung, $level, $count, 4711)->sums;
        self::assertNotEmpty($drawn);
        foreach ($drawn as $sum) {
            $what = $id.': '.self::text($sum);
            [$from, $to] = self::range($sum) ?? [null, null];
            if (null !== $from && null !== $to) {
                $holds = match ($id) {
                    'later-across-hour', 'earlier-across-hour', 'how-long-across-hours' => intdiv($to, 60) > intdiv($from, 60) && $from % 60 > $to % 60,
                    'across-noon' => $from < 720 && $to >= 720,
                    'across-midnight' => $from < 1440 && $to >= 1440,
                    'later-within-hour', 'earlier-within-hour', 'how-long-within-hour' => intdiv($from, 60) === intdiv($to, 60),
                    default => true,
                };
                self::assertTrue($holds, $what);
            }
            if (Crossing::Midnight === $rung->about || 'twenty-four-hour' === $id) {
                continue;
            }
            if (null !== $from && null !== $to) {
                self::assertGreaterThanOrEqual(360, $from, $what);
                self::assertLessThanOrEqual(1260, $to, $what);
            }
            foreach ($sum->times() as $time) {
                if ($time->halfSaid) {
                    self::assertTrue($time->minutes >= 360 && $time->minutes <= 1260, $what);
                }
            }
        }
    }

    private static function text(Sum $sum): string
    {
        return Core::get(Forms::class)->write($sum, Writer::plain());
    }

    private static function sum(string $typed): Sum
    {
        return Core::get(SumReader::class)->read($typed)->sum;
    }

    /** @return array{int, int}|null from the earlier to the later time, in minutes since the midnight before the earlier */
    private static function range(Sum $sum): ?array
    {
        return match (true) {
            $sum instanceof Later => [$sum->start->minutes, $sum->start->minutes + $sum->minutes()],
            $sum instanceof Earlier => self::onADay($sum->start->minutes - $sum->minutes(), $sum->start->minutes),
            $sum instanceof Elapsed => [$sum->start->minutes, $sum->start->minutes + $sum->minutes()],
            default => null,
        };
    }

    /** @return array{int, int} */
    private static function onADay(int $from, int $to): array
    {
        return $from < 0 ? [$from + 1440, $to + 1440] : [$from, $to];
    }

    public function testTheTeacherOpensOrNarrowsTheDay(): void
    {
        $draw = static fn (Limits $limits): array => array_filter(array_map(self::range(...), Core::get(Generator::class)->draw(Core::get(Ladder::class)->rung('later-across-hour'), Level::Core, 60, 5, $limits)->sums));
        foreach ($draw(new Limits(day: DayHours::School)) as [$from, $to]) {
            self::assertTrue($from >= 480 && $to <= 960);
        }
        $night = array_filter($draw(new Limits(day: DayHours::Whole)), static fn (array $range): bool => $range[0] < 360 || $range[1] > 1260);
        self::assertGreaterThan(12, \count($night));
        // who wants midnight to be crossed wants the night
        self::assertCount(20, Core::get(Generator::class)->draw(Core::get(Ladder::class)->rung('how-long-across-hours'), Level::Stretch, 20, 5, new Limits(midnight: true))->sums);
    }

    public function testOthersLikeOneLieByDayAsItDoes(): void
    {
        $another = Core::get(Another::class);
        foreach (['1:50 p.m. + 3 h 30 min', '9:20 a.m. to 1:05 p.m.', '10:15 a.m. - 35 min', '3:35 p.m. + 40 min'] as $typed) {
            $sum = self::sum($typed);
            $found = $another->like($sum, 20, 9);
            self::assertCount(20, $found, $typed);
            foreach ($found as $one) {
                $other = self::sum($one->sum);
                self::assertTrue(DayHours::Waking->hold($other), $typed.': '.$one->sum);
                self::assertSame(Features::of($sum)->minutesPass, Features::of($other)->minutesPass, $one->sum);
            }
        }
        // what lies at night is at night again
        self::assertCount(10, $another->like(self::sum('11:20 p.m. + 2 h 50 min'), 10, 9));
        self::assertCount(10, $another->like(self::sum('1:15 p.m. - 1 h'), 10, 9));
    }
}
