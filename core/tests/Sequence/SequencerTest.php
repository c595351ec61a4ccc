<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Sequence;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Question\Setting;
use Rostik\Core\Sequence\Exercise;
use Rostik\Core\Sequence\Focus;
use Rostik\Core\Sequence\Job;
use Rostik\Core\Sequence\Pool;
use Rostik\Core\Sequence\Sequencer;
use Rostik\Core\Skill\DayHours;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Tests\Core;

/** Of every rung, level and lesson: each sum stands where it does for a reason. */
final class SequencerTest extends TestCase
{
    /** Lessons drawn of each rung and level. */
    private const DRAWN = 4;

    /** @return iterable<string, array{string, Level}> */
    public static function places(): iterable
    {
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                yield $rung->id.' '.$level->value => [$rung->id, $level];
            }
        }
    }

    #[DataProvider('places')]
    public function testEachSumStandsWhereItDoesForAReason(string $id, Level $level): void
    {
        $rung = Core::get(Ladder::class)->rung($id);
        $sequencer = Core::get(Sequencer::class);
        for ($n = 1; $n <= self::DRAWN; ++$n) {
            $seed = crc32($id.$level->value.$n) % 100_000;
            $explained = $sequencer->explain($rung, $level, 3, $seed, Focus::of($n));
            $avoid = self::texts($explained);
            $together = $sequencer->together($rung, $level, 3, $seed + 1, $explained);
            $avoid = [...$avoid, ...self::texts($together)];
            $own = $sequencer->own($rung, $level, 12, $seed + 2, $avoid);
            $ticket = $sequencer->ticket($rung, $level, 3, $seed + 3, [...$avoid, ...self::texts($own)]);
            self::assertNotSame([], $explained, $id);
            self::assertSame(Job::Plain, $explained[0]->job);
            foreach ([$explained, $together, $ticket] as $all) {
                foreach ($all as $one) {
                    $this->assertStands($rung, $one);
                }
            }
            foreach ($own as $one) {
                if (Job::Mixed !== $one->job) {
                    $this->assertStands($rung, $one);
                }
            }
            $all = [...$avoid, ...self::texts($own), ...self::texts($ticket)];
            self::assertSame(array_values(array_unique($all)), $all, 'no sum twice in a lesson');
            $this->assertOneThingAtATime($explained);
            // the last third is mixed
            foreach ([$explained, $together, \array_slice($own, 0, 8)] as $part) {
                foreach (\array_slice($part, 1) as $i => $one) {
                    self::assertGreaterThanOrEqual($part[$i]->number - 1.0, $one->number, self::lines($part));
                }
            }
            self::assertEquals($explained, $sequencer->explain($rung, $level, 3, $seed, Focus::of($n)), 'the same seed gives the same');
        }
    }

    /** Worked out anew, in plain minutes: whether the sum needs what a rung is about. */
    private function assertStands(Rung $rung, Exercise $one): void
    {
        $here = $rung->id.': '.$one->line().' ('.$one->job->value.')';
        self::assertNotSame('', $one->says, $here);
        $sum = $one->question->sum;
        // stories and timetables have hours of their own
        $hours = '' === $one->question->wording && Setting::Bare === $rung->setting ? $rung->hours(DayHours::Waking) : DayHours::Whole;
        self::assertTrue($hours->hold($sum), $here);
        $way = $sum->plain()->way();
        $needs = match ($rung->id) {
            'later-across-hour', 'earlier-across-hour', 'how-long-across-hours' => null !== $way && (($way->low() % 60) + 60) % 60 > (($way->high() % 60) + 60) % 60,
            'across-noon' => null !== $way && $way->low() < 720 && $way->high() >= 720,
            'across-midnight' => null !== $way && (($way->low() < 1440 && $way->high() >= 1440) || $way->low() < 0),
            'add-regroup', 'subtract-regroup' => $sum->plain()->regroups(),
            default => null,
        };
        if (null !== $needs) {
            self::assertSame(Job::Contrast !== $one->job, $needs, $here);
        } elseif (Job::Contrast === $one->job) {
            self::assertFalse(Core::get(Pool::class)->needs($rung, $one), $here);
        }
    }

    /**
     * Between neighbours one thing is other, or it is said to be a contrast.
     *
     * @param list<Exercise> $explained
     */
    private function assertOneThingAtATime(array $explained): void
    {
        foreach (\array_slice($explained, 1) as $i => $one) {
            if (Job::Contrast !== $one->job) {
                self::assertSame(1, $one->apart($explained[$i]), self::lines($explained));
                self::assertGreaterThan($explained[$i]->number, $one->number, self::lines($explained));
            }
        }
    }

    /** What is drawn once more has other numbers, and is about as hard. */
    public function testCopiesAreAsHardAsEachOther(): void
    {
        $sequencer = Core::get(Sequencer::class);
        foreach (['later-across-hour', 'subtract-regroup', 'across-noon', 'past-and-to'] as $id) {
            $rung = Core::get(Ladder::class)->rung($id);
            $numbers = [];
            $texts = [];
            for ($copy = 0; $copy < 8; ++$copy) {
                $own = $sequencer->own($rung, Level::Core, 12, 5, copy: $copy);
                $numbers[] = array_sum(array_map(static fn (Exercise $one): float => $one->number, $own)) / max(1, \count($own));
                $texts[] = self::texts($own);
            }
            self::assertLessThan(0.7, max($numbers) - min($numbers), $id.': '.implode(' ', $numbers));
            self::assertCount(8, array_unique(array_map(serialize(...), $texts)), $id);
        }
    }

    /** The example of which teachers would say at once that it does not teach. */
    public function testTheBarestCaseComesFirst(): void
    {
        $sequencer = Core::get(Sequencer::class);
        $rung = Core::get(Ladder::class)->rung('earlier-across-hour');
        for ($seed = 1; $seed <= 30; ++$seed) {
            [$plain, $changed, $contrast] = $sequencer->explain($rung, Level::Core, 3, $seed);
            self::assertSame([Job::Plain, Job::Changed, Job::Contrast], [$plain->job, $changed->job, $contrast->job]);
            self::assertLessThanOrEqual(1.0 + 1.0, $plain->number, $plain->text);
            self::assertStringContainsString('the minutes do not pass the o’clock', $contrast->says);
            // a minimal pair: the same time, another length
            self::assertSame(1, $contrast->shares($changed), $changed->text.' and '.$contrast->text);
        }
    }

    /**
     * @param list<Exercise> $all
     *
     * @return list<string>
     */
    private static function texts(array $all): array
    {
        return array_map(static fn (Exercise $one): string => $one->text, $all);
    }

    /** @param list<Exercise> $all */
    private static function lines(array $all): string
    {
        return implode("\n", array_map(static fn (Exercise $one): string => $one->job->value.' '.$one->number.' '.$one->line(), $all));
    }
}
