<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Skill;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Method\MethodBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\DayHours;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Skill\NoSuchRung;
use Rostik\Core\Tests\Core;

final class LadderTest extends TestCase
{
    /** The ladder has every rung of the subject, each stands on rungs that exist, below it and never in a circle. */
    public function testTheLadderStands(): void
    {
        $seen = [];
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach ($rung->needs as $needed) {
                self::assertContains($needed, $seen, $rung->id.' stands on '.$needed);
            }
            $seen[] = $rung->id;
            self::assertStringStartsWith('I ', $rung->can);
            self::assertNotSame([], $rung->methods);
        }
        self::assertSame([
            'read-clock-five', 'read-clock-minute', 'read-clock-second', 'set-clock', 'past-and-to', 'am-pm', 'twenty-four-hour', 'order-times', 'roman-clock',
            'unit-facts', 'convert-whole', 'convert-mixed', 'compare-lengths', 'sensible-unit',
            'add-plain', 'add-regroup', 'subtract-plain', 'subtract-regroup', 'add-many', 'scale-and-share',
            'later-within-hour', 'later-across-hour', 'earlier-within-hour', 'earlier-across-hour', 'how-long-within-hour', 'how-long-across-hours', 'across-noon', 'across-midnight', 'missing-part', 'more-or-less', 'to-the-second', 'tenths', 'equal-steps', 'several-steps',
            'one-step-problem', 'two-step-problem', 'plan-backwards',
            'activity-table', 'find-in-timetable', 'timetable-how-long', 'timetable-next', 'timetable-latest', 'timetable-change',
            'read-calendar', 'date-later', 'days-between-dates', 'leap-year',
        ], $seen);
    }

    private const TIME = '(?:\d{1,2}:\d\d(?: [ap]\.m\.| hours)?|12 noon|12 midnight)';
    private const LENGTH = '(?:\d+ h(?: \d+ min)?|\d+ min)';
    private const DATE = '\d{1,2} (?:January|February|March|April|May|June|July|August|September|October|November|December) \d{4}';
    private const UNITS = '[\d.]+ (?:weeks?|days?|h|min|s|months?|years?)';

    /** What sums that call for a rung look like; the others are told apart by their numbers. */
    private const SHAPES = [
        'read-clock-five' => '~^(?:(?:5|10|quarter|20|25|half) (?:past|to) )?\d+(?: o\'clock)? as digital$~',
        'read-clock-minute' => '~^(?:(?:\d+ minutes?|\d+|quarter|half) (?:past|to) )?\d+(?: o\'clock)? as digital$~',
        'read-clock-second' => '~ and \d+ seconds? as digital$~',
        'to-the-second' => '~^\d+:\d\d:\d\d(?: [ap]\.m\.)? (?:[+-] (?:\d+ (?:h|min|s) ?)+|to \d+:\d\d:\d\d(?: [ap]\.m\.)?)$~',
        'tenths' => '~^(?=.*\d\.\d s)(?:\d+ min(?: \d+(?:\.\d)? s)?|\d+(?:\.\d)? s) [+-] (?:\d+ min(?: \d+(?:\.\d)? s)?|\d+(?:\.\d)? s)$~',
        'set-clock' => '~ as digital$~',
        'roman-clock' => '~ as digital$~',
        'past-and-to' => '~^'.self::TIME.' as words$~',
        'am-pm' => '~^order (?=.*(?:a\.m\.|midnight))(?=.*(?:p\.m\.|noon))~',
        'twenty-four-hour' => '~^(?:'.self::TIME.' as 24h|\d\d:\d\d as 12h)$~',
        'order-times' => '~^order '.self::TIME.'(?:, '.self::TIME.'){2,4}$~',
        'unit-facts' => '~^1 \w+ in \w+$~',
        'convert-whole' => '~^\d+ \w+ in \w+$~',
        'convert-mixed' => '~^(?:'.self::UNITS.' \d+ \w+ in \w+|'.self::UNITS.' in \w+ \w+|\d+\.\d+ \w+ in \w+)$~',
        'compare-lengths' => '~^(?:order .+|.+ \? .+)$~',
        'sensible-unit' => '~^'.self::UNITS.' \? '.self::UNITS.'$~',
        'subtract-plain' => '~^'.self::LENGTH.' - '.self::LENGTH.'$~',
        'subtract-regroup' => '~^'.self::LENGTH.' - '.self::LENGTH.'$~',
        'add-many' => '~^'.self::LENGTH.'(?: \+ '.self::LENGTH.'){2,3}$~',
        'scale-and-share' => '~^(?:\d+ x '.self::LENGTH.'|(?:\d+ )?\d/\d x '.self::LENGTH.'|'.self::LENGTH.' / \d+)$~',
        'later-across-hour' => '~^'.self::TIME.' \+ '.self::LENGTH.'$~',
        'earlier-across-hour' => '~^'.self::TIME.' - '.self::LENGTH.'$~',
        'how-long-across-hours' => '~^'.self::TIME.' to '.self::TIME.'$~',
        'missing-part' => '~^(?:_ [+-] '.self::LENGTH.'|'.self::TIME.' [+-] _) = '.self::TIME.'$~',
        'more-or-less' => '~^(?:'.self::TIME.' to '.self::TIME.' \? '.self::LENGTH.'|'.self::LENGTH.' \? '.self::TIME.' to '.self::TIME.')$~',
        'equal-steps' => '~^every '.self::LENGTH.' from '.self::TIME.', [45] times$~',
        'several-steps' => '~^(?:'.self::TIME.'|'.self::LENGTH.')(?: [+-] '.self::LENGTH.'){2,3}$~',
        'one-step-problem' => '~^(?:(?:'.self::TIME.'|'.self::LENGTH.') (?:[+-]|to) (?:'.self::TIME.'|'.self::LENGTH.')|\d x '.self::LENGTH.'|'.self::LENGTH.' / \d)$~',
        'two-step-problem' => '~^(?:(?:'.self::TIME.'|'.self::LENGTH.'|\d) (?:[+x-]|to) (?:'.self::TIME.'|'.self::LENGTH.')(?:; |$)){2,3}$~',
        'activity-table' => '~^(?:'.self::TIME.' (?:to|\+) .+|.+ = '.self::TIME.')$~',
        'find-in-timetable' => '~^'.self::TIME.' to '.self::TIME.'$~',
        'timetable-how-long' => '~^'.self::TIME.' to '.self::TIME.'$~',
        'timetable-next' => '~^'.self::TIME.' to '.self::TIME.'$~',
        'timetable-latest' => '~^'.self::TIME.' to '.self::TIME.'$~',
        'timetable-change' => '~^'.self::TIME.' to '.self::TIME.'$~',
        'read-calendar' => '~^(?:'.self::DATE.' as weekday|(?!February)\w+ \d{4} in days)$~',
        'date-later' => '~^(?:\w+day )?'.self::DATE.' [+-] \d+ (?:days?|weeks?)$~',
        'leap-year' => '~^(?:leap year \d{4}|(?:February|year) \d{4} in days)$~',
        'plan-backwards' => '~^'.self::TIME.' - '.self::LENGTH.'(?:; '.self::TIME.' - '.self::LENGTH.')?$~',
        'days-between-dates' => '~^'.self::DATE.' to '.self::DATE.' in (?:days|weeks and days)(?:, both ends counted)?$~',
    ];

    /** @return iterable<string, array{string, Level}> */
    public static function rungsAndLevels(): iterable
    {
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                yield $rung->id.', '.$level->value => [$rung->id, $level];
            }
        }
    }

    /** For every rung and level: all drawn sums have what was asked for, are worked, are read back, and no two are alike. */
    #[DataProvider('rungsAndLevels')]
    public function testDrawnSumsHaveTheFeaturesAskedFor(string $id, Level $level): void
    {
        $ladder = Core::get(Ladder::class);
        $rung = $ladder->rung($id);
        $generator = Core::get(Generator::class);
        $drawn = $generator->draw($rung, $level, 120, 7);
        // few units, few facts; the rest have plenty
        $there = ['unit-facts' => [3, 5, 5], 'convert-whole' => [8, 50, 50], 'read-clock-five' => [48, 120, 120]][$id] ?? [50, 50, 50];
        self::assertGreaterThanOrEqual($there[array_search($level, Level::cases(), true)], \count($drawn->sums));
        $forms = Core::get(Forms::class);
        $reader = Core::get(SumReader::class);
        $plain = Writer::plain();
        $texts = [];
        foreach ($drawn->sums as $i => $sum) {
            $texts[] = $text = $forms->write($sum, $plain);
            $features = Features::of($sum);
            self::assertEquals($sum, $reader->read($text)->sum, $text);
            if (Setting::Bare === $rung->setting) {
                self::assertContains($id, $ladder->exercisedBy($reader->read($text)->sum), $text);
            }
            if (Level::Support === $level) {
                self::assertTrue($features->fives, $text);
            }
            // said once more from the text, by other means than the features
            match ($id) {
                'add-plain' => self::assertLessThan(60, self::minutes($text), $text),
                'add-regroup' => self::assertGreaterThanOrEqual(60, self::minutes($text), $text),
                'later-within-hour', 'earlier-within-hour', 'how-long-within-hour' => self::assertSame(0, $features->oClocks, $text),
                'across-noon' => self::assertTrue($features->crossesNoon && !$features->crossesMidnight, $text),
                'across-midnight' => self::assertTrue($features->crossesMidnight && !$features->crossesNoon, $text),
                default => self::assertMatchesRegularExpression(self::SHAPES[$id] ?? '~^(?!)~', $text),
            };
            if (Level::Stretch !== $level && 'across-midnight' !== $id) {
                self::assertFalse($features->crossesMidnight, $text);
            }
            if (0 === $i % 10) {
                foreach (Core::get(MethodBook::class)->work($sum, Writer::marked()) as $working) {
                    self::assertTrue($working->answer->equals($sum->answer()), $text.' by '.$working->method->id());
                }
            }
        }
        self::assertSame($texts, array_values(array_unique($texts)));
        // the same seed, the same sums; another seed, others
        self::assertEquals($drawn->sums, $generator->draw($rung, $level, 120, 7)->sums);
        if ($drawn->isComplete()) {
            self::assertNotEquals($drawn->sums, $generator->draw($rung, $level, 120, 8)->sums);
        }
    }

    /** The minutes of all parts of a total together, read from its text. */
    private static function minutes(string $text): int
    {
        preg_match_all('/(\d+) min/', $text, $found);

        return (int) array_sum(array_map(intval(...), $found[1]));
    }

    public function testASetThatCannotBeHadGivesWhatThereIs(): void
    {
        $drawn = Core::get(Generator::class)->draw(Core::get(Ladder::class)->rung('unit-facts'), Level::Core, 20, 1);
        self::assertFalse($drawn->isComplete());
        self::assertCount(5, $drawn->sums);
    }

    /** Sums are spread over the possible ones: 5 to 55 minutes past each hour, by fives, come up about equally often. */
    public function testSumsAreSpreadEvenly(): void
    {
        $drawn = Core::get(Generator::class)->draw(Core::get(Ladder::class)->rung('read-clock-five'), Level::Core, 144, 3);
        self::assertCount(144, $drawn->sums, 'every five minutes of twelve hours');
        $counts = [];
        for ($seed = 0; $seed < 600; ++$seed) {
            $sum = Core::get(Generator::class)->draw(Core::get(Ladder::class)->rung('later-within-hour'), Level::Support, 1, $seed, new Limits(day: DayHours::Whole))->sums[0];
            $half = Features::of($sum)->kind->value.(str_contains(Core::get(Forms::class)->write($sum, Writer::plain()), 'a.m.') ? ' am' : ' pm');
            $counts[$half] = ($counts[$half] ?? 0) + 1;
        }
        self::assertGreaterThan(240, min($counts));
    }

    /** @param list<string> $rungs */
    #[DataProvider('exercised')]
    public function testWhichRungsASumExercises(string $text, array $rungs): void
    {
        self::assertSame($rungs, Core::get(Ladder::class)->exercisedBy(Core::get(SumReader::class)->read($text)->sum));
    }

    /** @return iterable<array{string, list<string>}> */
    public static function exercised(): iterable
    {
        yield ['1:50 pm + 3 h 30 min', ['later-across-hour']];
        yield ['3:05 pm + 20 min', ['later-within-hour']];
        yield ['11:15 am + 2 h', ['later-across-hour', 'across-noon']];
        yield ['22:50 to 06:15', ['how-long-across-hours', 'across-midnight']];
        yield ['3 h 40 min + 2 h 45 min', ['add-regroup']];
        yield ['1 h 25 min + 10 min', ['add-plain']];
        yield ['6 h 10 min - 3 h 45 min', ['subtract-regroup']];
        yield ['105 min in h min', ['convert-mixed']];
        yield ['5 years in months', ['convert-whole']];
        yield ['1 h in min', ['unit-facts']];
        yield ['_ + 45 min = 10:20 am', ['missing-part']];
        yield ['order 7:40 am, 7 pm, 7 am', ['am-pm', 'order-times']];
        yield ['8:37 am as words', ['past-and-to']];
        yield ['17:05 as 12h', ['twenty-four-hour']];
        yield ['1 month in days', []];
        yield ['90 min in h', ['convert-mixed']];
        yield ['1 day in s', ['convert-whole']];
        yield ['order 2 h, 30 min', ['compare-lengths']];
        yield ['9 am to 9 am', ['how-long-across-hours', 'across-noon', 'across-midnight']];
        yield ['half past 3 as digital', ['read-clock-five', 'read-clock-minute']];
    }

    public function testARungThatIsNotThere(): void
    {
        $this->expectException(NoSuchRung::class);
        Core::get(Ladder::class)->rung('juggling');
    }
}
