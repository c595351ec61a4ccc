<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Plan;

use Carbon\CarbonImmutable;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Plan\DaysOff;
use Rostik\Core\Plan\Known;
use Rostik\Core\Plan\Levels;
use Rostik\Core\Plan\Ratios;
use Rostik\Core\Plan\Slot;
use Rostik\Core\Plan\Slots;
use Rostik\Core\Plan\Weekly;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Time\CalendarDate;

/** When lessons are, against Carbon; how many sheets of each level; what the past says. */
final class SlotsTest extends TestCase
{
    public function testTheDaysAreThoseOfCarbon(): void
    {
        for ($seed = 1; $seed <= 200; ++$seed) {
            $dice = new Dice($seed);
            $first = CarbonImmutable::create(2026, 1, 1, 0, 0, 0, 'UTC')?->addDays($dice->number(0, 800)) ?? self::fail();
            $week = [];
            for ($i = 0, $n = $dice->number(1, 6); $i < $n; ++$i) {
                $week[] = new Weekly($dice->number(1, 7), $dice->number(480, 900, 5), $dice->number(30, 90, 5));
            }
            $offFrom = $first->addDays($dice->number(0, 30));
            $offTo = $offFrom->addDays($dice->number(0, 20));
            $count = $dice->number(0, 40);
            $slots = Slots::from(CalendarDate::of($first->year, $first->month, $first->day), $count, $week, [new DaysOff(CalendarDate::of($offFrom->year, $offFrom->month, $offFrom->day), CalendarDate::of($offTo->year, $offTo->month, $offTo->day))]);
            $wanted = [];
            for ($days = 0; $days <= 400; ++$days) {
                $day = $first->addDays($days);
                if ($day->betweenIncluded($offFrom, $offTo)) {
                    continue;
                }
                $starts = [];
                foreach ($week as $one) {
                    if ($day->isoWeekday() === $one->weekday) {
                        $starts[] = $one->start;
                    }
                }
                sort($starts);
                foreach ($starts as $start) {
                    $wanted[] = $day->format('Y-m-d').' '.$start;
                }
            }
            self::assertSame(\array_slice($wanted, 0, $count), array_map(static fn (Slot $one): string => $one->date->iso().' '.$one->start, $slots), 'seed '.$seed);
        }
    }

    public function testWhereEverythingFallsOutThereAreNone(): void
    {
        $off = [new DaysOff(CalendarDate::of(2026, 1, 1), CalendarDate::of(2099, 1, 1))];
        self::assertSame([], Slots::from(CalendarDate::of(2026, 11, 26), 10, [new Weekly(1, 540, 60)], $off));
        self::assertSame([], Slots::from(CalendarDate::of(2026, 11, 26), 10, []));
    }

    public function testEveryChildHasASheet(): void
    {
        for ($children = 0; $children <= 40; ++$children) {
            for ($secure = 0; $secure <= $children; ++$secure) {
                for ($way = 0; $way <= $children - $secure; $way += 3) {
                    $notYet = min(4, $children - $secure - $way);
                    $levels = Levels::of(new Known($secure, $way, $notYet, $children));
                    self::assertSame($children, array_sum($levels));
                    self::assertGreaterThanOrEqual(0, min([0, ...array_values($levels)]));
                    self::assertGreaterThanOrEqual(min($notYet, $children), $levels['support']);
                }
            }
        }
        // nothing seen: common practice, no source
        self::assertSame(['support' => 7, 'core' => 11, 'stretch' => 6], Levels::of(Known::nothing(24)));
    }

    public function testThePastCorrectsWhatIsUsualAndIsHeldBackWhileThereIsLittle(): void
    {
        self::assertSame([], Ratios::of(['explain' => [], 'own' => [[0, 5]]]));
        // one lesson of twice the time: (1 * 2 + 2) / 3
        self::assertEqualsWithDelta(4 / 3, Ratios::of(['explain' => [[10, 20]]])['explain'], 1e-9);
        // ten of them: (10 * 2 + 2) / 12; one that went quite wrong changes nothing
        self::assertEqualsWithDelta(22 / 12, Ratios::of(['explain' => [...array_fill(0, 9, [10, 20]), [10, 400]]])['explain'], 1e-9);
        // what was long ago is forgotten
        self::assertEqualsWithDelta(1.0, Ratios::of(['explain' => [...array_fill(0, 9, [10, 20]), ...array_fill(0, 10, [10, 10])]])['explain'], 1e-9);
        self::assertEqualsWithDelta(2.0, Ratios::of(['explain' => array_fill(0, 10, [1, 60])])['explain'], 1e-9);
    }
}
