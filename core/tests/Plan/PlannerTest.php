<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Activity\Activities;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Plan\Facts;
use Rostik\Core\Plan\Fit;
use Rostik\Core\Plan\Known;
use Rostik\Core\Plan\Lesson;
use Rostik\Core\Plan\Part;
use Rostik\Core\Plan\PartKind;
use Rostik\Core\Plan\Plan;
use Rostik\Core\Plan\Planner;
use Rostik\Core\Plan\Purpose;
use Rostik\Core\Plan\Slot;
use Rostik\Core\Plan\Step;
use Rostik\Core\Plan\Timing;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\CalendarDate;

/** What a plan promises, looked at in the plan alone. */
final class PlannerTest extends TestCase
{
    private static function seeds(): int
    {
        return '1' === getenv('ROSTIK_EVERY') ? 1000 : 60;
    }

    public function testPromisesHold(): void
    {
        $rungs = array_map(static fn (Rung $rung): string => $rung->id, Core::get(Ladder::class)->rungs());
        for ($seed = 1, $seeds = self::seeds(); $seed <= $seeds; ++$seed) {
            $dice = new Dice($seed);
            $children = $dice->number(6, 34);
            $known = [];
            foreach ($rungs as $rung) {
                if ($dice->toss()) {
                    $secure = $dice->number(0, $children);
                    $way = $dice->number(0, $children - $secure);
                    $known[$rung] = new Known($secure, $way, $dice->number(0, $children - $secure - $way), $children, 0 === $dice->number(0, 8));
                }
            }
            // slower and quicker classes
            $facts = new Facts($children, known: $known, seconds: $dice->number(30, 160), ratios: ['explain' => $dice->number(50, 200) / 100]);
            $slots = [];
            for ($i = 0, $lessons = $dice->number(1, 12); $i < $lessons; ++$i) {
                $slots[] = new Slot(CalendarDate::of(2026, 11, 2)->plusDays($i), 580, $dice->number(20, 90, 5));
            }
            $wanted = \array_slice($dice->shuffle($rungs), 0, $dice->number(1, 4));
            $plan = Core::get(Planner::class)->plan($wanted, $slots, $facts, $seed);
            self::holds($plan, $wanted, $slots, $facts, 'seed '.$seed);
            if (0 === $seed % 10) {
                self::assertEquals($plan, Core::get(Planner::class)->plan($wanted, $slots, $facts, $seed), 'the same seed, the same plan');
            }
        }
    }

    /**
     * @param list<string> $wanted
     * @param list<Slot>   $slots
     */
    private static function holds(Plan $plan, array $wanted, array $slots, Facts $facts, string $said): void
    {
        $ladder = Core::get(Ladder::class);
        self::assertSame($slots, array_map(static fn (Lesson $one): Slot => $one->slot, $plan->lessons), $said);
        $taught = [];
        foreach ($plan->lessons as $i => $lesson) {
            $here = $said.', lesson '.$i;
            $step = $lesson->step;
            self::assertMatchesRegularExpression('/^[“A-Z].*\.$/u', $step->why, $here);
            if (Purpose::New === $step->purpose) {
                self::assertFalse($facts->of($step->rung)->isSecure(), $here.': what the class has is not taught anew');
                self::assertNotContains($step->rung, $taught, $here);
            } elseif (!$facts->of($step->rung)->isSecure()) {
                self::assertContains($step->rung, $taught, $here.': nothing is met again that was not met');
            }
            foreach ($ladder->rung($step->rung)->needs as $need) {
                self::assertTrue($facts->of($need)->isSecure() || \in_array($need, $taught, true) || $facts->of($step->rung)->isSecure(), $here.': '.$step->rung.' needs '.$need);
            }
            $taught[] = $step->rung;
            self::lesson($lesson, $facts, $here);
        }
        // what is neither taught nor said is secure
        $all = implode(' ', $plan->said);
        foreach ($wanted as $rung) {
            $topic = substr(preg_replace('/^I (can )?/', '', $ladder->rung($rung)->can) ?? '', 1, -1);
            self::assertTrue(\in_array($rung, $taught, true) || str_contains($all, $topic), $said.': '.$rung.' is neither taught nor spoken of');
        }
    }

    private static function lesson(Lesson $lesson, Facts $facts, string $here): void
    {
        $timing = Core::get(Timing::class);
        $all = array_sum(array_map(static fn (Part $part): int => $timing->takes($part, $facts)->minutes, $lesson->parts));
        self::assertLessThanOrEqual($lesson->slot->minutes, $all, $here);
        // and nothing is given away
        self::assertTrue($all > 0.6 * $lesson->slot->minutes || \in_array(40, array_map(static fn (Part $part): int => $part->questions, $lesson->parts), true), $here);
        $ids = array_map(static fn (Part $part): string => $part->id, $lesson->parts);
        self::assertSame(array_unique($ids), $ids, $here);
        $rungs = [$lesson->step->rung];
        for ($i = 0; $i < \count($rungs); ++$i) {
            array_push($rungs, ...Core::get(Ladder::class)->rung($rungs[$i])->needs);
        }
        foreach ($lesson->parts as $part) {
            self::assertStringEndsWith('.', rtrim($part->why, '?').'.', $here);
            if (null !== $part->activity) {
                self::assertTrue($part->kind->isPlayed(), $here);
                self::assertNotSame([], array_intersect($rungs, Core::get(Activities::class)->activity($part->activity)->intro()->rungs), $here.': '.$part->activity);
            }
            foreach ($part->sums as $sum) {
                self::assertTrue($part->kind->isAtTheBoard(), $here);
                $bare = 1 === preg_match('/\[(.*)\]$/', $sum, $in) ? $in[1] : $sum;
                self::assertSame([], Core::get(SumReader::class)->read($bare)->sum->readings(), $here.': '.$sum);
            }
            self::assertSame($part->kind->isOnPaper(), $part->questions > 0, $here);
        }
    }

    public function testAYearIsPlannedSoonAndComesBack(): void
    {
        $slots = [];
        for ($i = 0; $i < 30; ++$i) {
            $slots[] = new Slot(CalendarDate::of(2026, 11, 2)->plusDays($i), 580, 60);
        }
        $facts = new Facts(24);
        Core::get(Planner::class)->plan(['across-noon'], \array_slice($slots, 0, 2), $facts, 1);
        $took = [];
        do {
            $before = self::worked();
            // nothing is known from the time before
            $plan = Core::get(Planner::class)->plan(['across-midnight', 'subtract-regroup', 'missing-part'], $slots, new Facts(24), 5);
            $took[] = self::worked() - $before;
        } while (\count($took) < 3);
        self::assertLessThan(1.0, min($took), 'thirty lessons in less than a second of work');
        self::assertCount(30, $plan->lessons);
        $back = array_filter($plan->lessons, static fn (Lesson $one): bool => Purpose::Back === $one->step->purpose);
        self::assertGreaterThanOrEqual(6, \count($back));
        // an activity is not played in the lesson after as long as there are others
        $same = 0;
        foreach ($plan->lessons as $i => $lesson) {
            $same += [] !== array_intersect(self::activities($lesson), isset($plan->lessons[$i + 1]) ? self::activities($plan->lessons[$i + 1]) : []) ? 1 : 0;
        }
        self::assertLessThan(8, $same);
    }

    /** Seconds for which this process has had the machine: other things that run beside it count for nothing. */
    private static function worked(): float
    {
        $used = getrusage();
        $of = static fn (string $name): float => \is_array($used) && is_numeric($used[$name] ?? null) ? (float) $used[$name] : self::fail('It is not known how long was worked.');

        return $of('ru_utime.tv_sec') + $of('ru_stime.tv_sec') + ($of('ru_utime.tv_usec') + $of('ru_stime.tv_usec')) / 1e6;
    }

    public function testTheSharesOfAnHourAreTheUsualOnes(): void
    {
        // 10 warm-up, 15 explain, 20 work, 10 activity, 5 ticket: common practice, no source
        $facts = new Facts(24, known: ['am-pm' => new Known(20, 2, 2, 24), 'later-across-hour' => new Known(20, 2, 2, 24)]);
        $lessons = Core::get(Planner::class)->plan(['across-noon'], [new Slot(CalendarDate::of(2026, 11, 26), 580, 60), new Slot(CalendarDate::of(2026, 11, 27), 580, 60)], $facts, 1)->lessons;
        $minutes = array_fill_keys(array_map(static fn (PartKind $kind): string => $kind->value, PartKind::cases()), 0);
        foreach ($lessons[0]->parts as $part) {
            $minutes[$part->kind->value] += Core::get(Timing::class)->takes($part, $facts)->minutes;
        }
        self::assertEqualsWithDelta(10, $minutes['warm-up'] + $minutes['look-back'], 6);
        self::assertEqualsWithDelta(15, $minutes['explain'] + $minutes['together'], 3);
        self::assertEqualsWithDelta(20, $minutes['on-your-own'], 6);
        self::assertEqualsWithDelta(10, $minutes['activity'], 4);
        self::assertEqualsWithDelta(5, $minutes['ticket'], 1);
        self::assertSame(Purpose::Again, $lessons[1]->step->purpose);
    }

    public function testWhatIsOverIsSaidWithWhatWouldFit(): void
    {
        $facts = new Facts(24);
        $fit = Core::get(Fit::class);
        for ($seed = 1; $seed <= 12; ++$seed) {
            $parts = Core::get(Planner::class)->plan(['across-noon'], [new Slot(CalendarDate::of(2026, 11, 26), 580, 60)], $facts, $seed)->lessons[0]->parts;
            self::assertSame([], $fit->changes($parts, 60, $facts));
            foreach ([57, 50, 40, 25] as $minutes) {
                $over = array_sum(array_map(static fn (Part $part): int => Core::get(Timing::class)->takes($part, $facts)->minutes, $parts)) - $minutes;
                self::assertSame($over, $fit->over($parts, $minutes, $facts));
                $changes = $fit->changes($parts, $minutes, $facts);
                self::assertGreaterThanOrEqual($over > 0 ? 1 : 0, \count($changes));
                self::assertLessThanOrEqual(3, \count($changes));
                foreach ($changes as $change) {
                    self::assertSame($over - $change->saves, $fit->over($change->parts, $minutes, $facts), $change->said);
                }
                if ($over > 0) {
                    self::assertGreaterThanOrEqual($over, max([0, ...array_column($changes, 'saves')]), 'one of them is enough');
                }
                self::assertLessThanOrEqual(0, $fit->over($fit->fitted($parts, $minutes, $facts), $minutes, $facts));
            }
        }
    }

    public function testMinutesThatTheTeacherGivesStandUnlessTheyAreTheOnesThatCanGive(): void
    {
        $facts = new Facts(24);
        $parts = [new Part('a', PartKind::Explain, 'across-noon', 20, sums: ['11:40 a.m. + 45 min']), new Part('b', PartKind::OnYourOwn, 'across-noon', questions: 12)];
        self::assertSame(37, Core::get(Timing::class)->all($parts, $facts));
        $changes = Core::get(Fit::class)->changes($parts, 30, $facts);
        self::assertContains('Explain only as long as it takes', array_column($changes, 'said'));
        self::assertNull(array_column($changes, null, 'said')['Explain only as long as it takes']->parts[0]->minutes);
    }

    /** Whatever is asked: few rungs, many lessons, none. */
    public function testOddWishes(): void
    {
        $facts = new Facts(0);
        self::assertSame([], Core::get(Planner::class)->plan(['across-noon'], [], $facts, 1)->lessons);
        self::assertSame([], Core::get(Planner::class)->plan([], [new Slot(CalendarDate::of(2026, 11, 26), 580, 60)], $facts, 1)->lessons);
        $many = Core::get(Planner::class)->plan(['read-clock-five'], array_fill(0, 25, new Slot(CalendarDate::of(2026, 11, 26), 1439, 10)), $facts, \PHP_INT_MAX);
        self::assertCount(25, $many->lessons);
        foreach ($many->lessons as $lesson) {
            self::assertSame('read-clock-five', $lesson->step->rung);
        }
        $had = new Facts(24, known: ['across-noon' => new Known(24, 0, 0, 24)]);
        $kept = Core::get(Planner::class)->plan(['across-noon'], [new Slot(CalendarDate::of(2026, 11, 26), 580, 45)], $had, 1);
        self::assertSame(Purpose::Back, $kept->lessons[0]->step->purpose);
        self::assertSame(['“Go across noon” is left out: 24 of 24 are secure.'], $kept->said);
        self::assertInstanceOf(Step::class, $kept->lessons[0]->step);
    }

    /** @return list<string> */
    private static function activities(Lesson $lesson): array
    {
        return array_values(array_filter(array_map(static fn (Part $part): ?string => $part->activity, $lesson->parts)));
    }
}
