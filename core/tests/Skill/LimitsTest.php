<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Skill;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Sum\ClockChain;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\SecondElapsed;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\SpanComparison;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Unknown;
use Rostik\Core\Tests\Core;

/** What a teacher wants of the numbers: every combination of wishes, over sums of every rung. */
final class LimitsTest extends TestCase
{
    private const EITHER = [null, true, false];

    /** @return list<Sum> */
    private static function sums(): array
    {
        $sums = [];
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                array_push($sums, ...Core::get(Generator::class)->draw($rung, $level, 3, 41)->sums);
            }
        }

        return $sums;
    }

    /** @return list<Limits> all 3^5 x 4 combinations */
    private static function all(): array
    {
        $all = [];
        foreach (self::EITHER as $fives) {
            foreach (self::EITHER as $regroups) {
                foreach (self::EITHER as $noon) {
                    foreach (self::EITHER as $midnight) {
                        foreach (self::EITHER as $hour) {
                            foreach ([null, Unknown::End, Unknown::Start, Unknown::Length] as $unknown) {
                                $all[] = new Limits($fives, $regroups, $noon, $midnight, $unknown, $hour);
                            }
                        }
                    }
                }
            }
        }

        return $all;
    }

    public function testASumIsAllowedWhereItHasAllThatIsWantedAndNothingThatIsNot(): void
    {
        $all = self::all();
        self::assertCount(972, $all);
        foreach (self::sums() as $sum) {
            $has = Features::of($sum);
            $onTheClock = $sum instanceof ClockMove || $sum instanceof ClockChain || $sum instanceof SecondMove || $sum instanceof SecondElapsed || $sum instanceof Elapsed || $sum instanceof Missing;
            $along = $onTheClock || $sum instanceof Series || $sum instanceof SpanComparison || ($sum instanceof InTurn && null !== $sum->way());
            $what = Core::get(Forms::class)->write($sum, Writer::plain());
            foreach ($all as $limits) {
                $wishes = [[$limits->fives, $has->fives], [$limits->regroups, $has->regroups]];
                if ($along) {
                    array_push($wishes, [$limits->noon, $has->crossesNoon], [$limits->midnight, $has->crossesMidnight], [$limits->hour, $has->crossesHour]);
                }
                if ($onTheClock) {
                    $wishes[] = [$limits->unknown, $has->unknown];
                }
                $granted = [] === array_filter($wishes, static fn (array $wish): bool => null !== $wish[0] && $wish[0] !== $wish[1]);
                if ($granted !== $limits->allow($has)) {
                    self::fail($what.': '.json_encode($limits));
                }
            }
        }
    }

    /** What is pointed out is never wrong of a sum that is allowed, and is said of every sum that has what it must not have. */
    public function testWhatIsPointedOutIsWhatIsNotAsWanted(): void
    {
        $said = [];
        foreach (self::sums() as $sum) {
            $has = Features::of($sum);
            $onTheClock = Unknown::Answer !== $has->unknown;
            foreach (self::all() as $limits) {
                $broken = $limits->broken($has);
                if (null !== $broken) {
                    self::assertFalse($limits->allow($has), $broken);
                    $said[$broken] = true;
                }
                $mustNot = (true === $limits->fives && !$has->fives) || (false === $limits->regroups && $has->regroups)
                    || ($onTheClock && ((false === $limits->noon && $has->crossesNoon) || (false === $limits->midnight && $has->crossesMidnight) || (false === $limits->hour && $has->crossesHour)));
                if ($mustNot) {
                    self::assertNotNull($broken);
                }
            }
        }
        self::assertCount(6, $said, 'each of the six is said of something');
    }

    public function testWithoutWishesEverythingIsAllowed(): void
    {
        foreach (self::sums() as $sum) {
            self::assertTrue(Limits::none()->allow(Features::of($sum)));
            self::assertNull(Limits::none()->broken(Features::of($sum)));
        }
    }
}
