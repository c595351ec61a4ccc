<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Setting;
use Rostik\Core\Sequence\Pool;
use Rostik\Core\Sheet\Aim;
use Rostik\Core\Sheet\MadeSheet;
use Rostik\Core\Sheet\SheetMaker;
use Rostik\Core\Skill\Another;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Sum\Unknown;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

final class SheetMakerTest extends TestCase
{
    private static function text(Question $question): string
    {
        return Core::get(Forms::class)->write($question->sum, Writer::plain());
    }

    /** @return list<string> */
    private static function texts(MadeSheet $made): array
    {
        return array_map(self::text(...), $made->questions);
    }

    public function testAMixedSheetHasItsShareOfEachRung(): void
    {
        $ladder = Core::get(Ladder::class);
        $aims = [new Aim($ladder->rung('add-regroup'), 5), new Aim($ladder->rung('subtract-regroup'), 4), new Aim($ladder->rung('across-noon'), 3)];
        foreach (Level::cases() as $level) {
            $made = Core::get(SheetMaker::class)->make($aims, $level, 3, Limits::none());
            self::assertCount(12, array_unique(self::texts($made)));
            self::assertSame([], $made->shortages);
            $rungs = array_map(static fn (string $t): array => Core::get(Workbench::class)->work($t)->skills, self::texts($made));
            foreach ([['add-regroup', 0, 5], ['subtract-regroup', 5, 4], ['across-noon', 9, 3]] as [$id, $from, $count]) {
                foreach (\array_slice($rungs, $from, $count) as $exercised) {
                    self::assertContains($id, $exercised);
                }
            }
            self::assertEquals($made, Core::get(SheetMaker::class)->make($aims, $level, 3, Limits::none()), 'the same seed, the same sheet');
            self::assertNotEquals(self::texts($made), self::texts(Core::get(SheetMaker::class)->make($aims, $level, 4, Limits::none())));
        }
    }

    public function testASetThatCannotBeHadSaysSoAndGivesWhatThereIs(): void
    {
        $made = Core::get(SheetMaker::class)->make([new Aim(Core::get(Ladder::class)->rung('unit-facts'), 20)], Level::Core, 1, Limits::none());
        self::assertCount(5, self::texts($made));
        self::assertSame(['unit-facts', 20, 5], [$made->shortages[0]->rung, $made->shortages[0]->wanted, $made->shortages[0]->there]);
        // nothing regroups within plain sums
        $none = Core::get(SheetMaker::class)->make([new Aim(Core::get(Ladder::class)->rung('add-plain'), 3)], Level::Core, 1, new Limits(regroups: true));
        self::assertSame([[], 0], [self::texts($none), $none->shortages[0]->there]);
    }

    public function testTheQuestionsBringCertainMistakesToLight(): void
    {
        $aims = [new Aim(Core::get(Ladder::class)->rung('subtract-regroup'), 6)];
        $shown = static fn (string ...$sums): int => \count(array_filter($sums, static fn (string $t): bool => isset(Core::get(MistakeBook::class)->predict(Core::get(SumReader::class)->read($t)->sum)['borrows-ten'])));
        $chosen = Core::get(SheetMaker::class)->make($aims, Level::Core, 2, Limits::none(), ['borrows-ten', 'zero-when-stuck']);
        self::assertCount(6, array_unique(self::texts($chosen)));
        self::assertGreaterThan($shown(...self::texts(Core::get(SheetMaker::class)->make($aims, Level::Core, 2, Limits::none()))), $shown(...self::texts($chosen)));
    }

    /** Each aim's questions from the easiest to the hardest, or all of them in another order. */
    public function testASheetGrowsUnlessItIsMixed(): void
    {
        $ladder = Core::get(Ladder::class);
        $aims = [new Aim($ladder->rung('add-regroup'), 8), new Aim($ladder->rung('later-across-hour'), 8)];
        foreach (Level::cases() as $level) {
            $grows = Core::get(SheetMaker::class)->make($aims, $level, 3, Limits::none());
            $numbers = array_map(static fn (Question $one): float => Core::get(Pool::class)->exercise($one)->number, $grows->questions);
            foreach (array_chunk($numbers, 8) as $own) {
                $sorted = $own;
                sort($sorted);
                self::assertSame($sorted, $own, $level->value);
                self::assertGreaterThan($own[0], end($own), 'it does grow');
            }
            $mixed = Core::get(SheetMaker::class)->make($aims, $level, 3, Limits::none(), mixed: true);
            self::assertEqualsCanonicalizing(self::texts($grows), self::texts($mixed));
            self::assertNotSame(self::texts($grows), self::texts($mixed));
        }
    }

    public function testAChallengeIsAStepUpTheLadder(): void
    {
        $ladder = Core::get(Ladder::class);
        $ids = array_map(static fn (Rung $rung): string => $rung->id, $ladder->rungs());
        $place = static function (string $text) use ($ids): int {
            [$rung, $level] = Core::get(Another::class)->place(Core::get(SumReader::class)->read($text)->sum) ?? self::fail($text);

            return 3 * (int) array_search($rung->id, $ids, true) + (int) array_search($level, Level::cases(), true);
        };
        foreach (Level::cases() as $level) {
            $made = Core::get(SheetMaker::class)->make([new Aim($ladder->rung('later-across-hour'), 4)], $level, 6, Limits::none(), [], true);
            self::assertNotNull($made->challenge);
            self::assertTrue($made->challenge->challenge);
            $challenge = self::text($made->challenge);
            self::assertNotContains($challenge, self::texts($made));
            self::assertGreaterThan($place(self::texts($made)[3]), $place($challenge), $challenge.' after '.self::texts($made)[3]);
        }
        self::assertNull(Core::get(SheetMaker::class)->make([new Aim($ladder->rung('add-plain'), 4)], Level::Core, 6, Limits::none())->challenge);
    }

    #[DataProvider('limits')]
    public function testWhatIsWantedOfTheNumbersIsKept(string $rung, Limits $limits): void
    {
        $made = Core::get(SheetMaker::class)->make([new Aim(Core::get(Ladder::class)->rung($rung), 20)], Level::Stretch, 5, $limits);
        self::assertCount(20, self::texts($made));
        foreach (self::texts($made) as $text) {
            $has = Features::of(Core::get(SumReader::class)->read($text)->sum);
            foreach (['fives' => $limits->fives, 'regroups' => $limits->regroups, 'crossesHour' => $limits->hour, 'crossesNoon' => $limits->noon, 'crossesMidnight' => $limits->midnight, 'unknown' => $limits->unknown] as $feature => $wanted) {
                if (null !== $wanted) {
                    self::assertSame($wanted, $has->$feature, $feature.' of '.$text);
                }
            }
        }
    }

    /** @return iterable<string, array{string, Limits}> */
    public static function limits(): iterable
    {
        yield 'fives only' => ['add-regroup', new Limits(fives: true)];
        yield 'single minutes' => ['later-across-hour', new Limits(fives: false)];
        yield 'must regroup, not over midnight' => ['later-across-hour', new Limits(regroups: true, midnight: false)];
        yield 'must not regroup' => ['how-long-across-hours', new Limits(regroups: false)];
        yield 'over noon' => ['earlier-across-hour', new Limits(noon: true, midnight: false)];
        yield 'not over the hour' => ['missing-part', new Limits(hour: false)];
        yield 'over the hour, not over noon' => ['missing-part', new Limits(noon: false, hour: true)];
        yield 'the start is unknown' => ['missing-part', new Limits(unknown: Unknown::Start)];
        yield 'the length is unknown' => ['missing-part', new Limits(unknown: Unknown::Length)];
    }

    /** Of every rung and level three hundred, a thousand in the long run of all tests: each has what the rung is about, stands once, and has the key that another way of computing comes to. */
    public function testAThousandOfEveryRungAndLevel(): void
    {
        $ladder = Core::get(Ladder::class);
        $reader = Core::get(SumReader::class);
        $bench = Core::get(Workbench::class);
        $checked = 0;
        $long = '1' === getenv('ROSTIK_EVERY');
        foreach ($ladder->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                $sums = [];
                for ($seed = 0; \count($sums) < ($long ? 1000 : 300) && $seed < (Setting::Told === $rung->setting ? 4 : 25); ++$seed) {
                    $made = Core::get(SheetMaker::class)->make([new Aim($rung, 40)], $level, 100 * $seed, Limits::none());
                    self::assertCount(\count(self::texts($made)), array_unique(self::texts($made)));
                    array_push($sums, ...self::texts($made));
                }
                foreach ($sums as $text) {
                    $sum = $reader->read($text)->sum;
                    $features = Features::of($sum);
                    if (!$rung->isCalledForBy($sum, $features) || (Level::Support === $level && !$features->fives)
                        || (Level::Core === $level && $features->crossesMidnight && 'across-midnight' !== $rung->id)) {
                        self::fail($text.' is not for '.$rung->id.', '.$level->value);
                    }
                    $answer = $bench->answer($text)->answer->text ?? '';
                    if (true !== Key::isRight($text, $answer)) {
                        self::fail($text.' is not '.$answer);
                    }
                    ++$checked;
                }
            }
        }
        self::assertGreaterThan($long ? 60_000 : 20_000, $checked);
    }

    /** The other way of computing refuses what is wrong, so that its agreement means something. */
    #[DataProvider('wrongAnswers')]
    public function testTheOtherKeyRefusesWhatIsWrong(string $question, string $right, string ...$wrong): void
    {
        self::assertTrue(Key::isRight($question, $right), $right);
        foreach ($wrong as $answer) {
            self::assertFalse(Key::isRight($question, $answer), $answer);
        }
    }

    /** @return iterable<list<string>> */
    public static function wrongAnswers(): iterable
    {
        yield ['3 h 40 min + 2 h 45 min', '6 h 25 min', '5 h 85 min', '6 h 24 min', '5 h 25 min'];
        yield ['6 h 10 min - 3 h 45 min', '2 h 25 min', '3 h 35 min', '3 h 25 min'];
        yield ['4 x 45 min', '3 h', '2 h 60 min'];
        yield ['2 h 15 min / 3', '45 min', '1 h'];
        yield ['1:50 p.m. + 3 h 30 min', '5:20 p.m.', '5:20 a.m.', '4:80 p.m.', '5:21 p.m.'];
        yield ['10:30 p.m. + 3 h', '1:30 a.m. (next day)', '1:30 a.m.', '1:30 p.m. (next day)'];
        yield ['10:15 a.m. - 35 min', '9:40 a.m.', '10:50 a.m.'];
        yield ['22:50 to 06:15', '7 h 25 min', '16 h 35 min'];
        yield ['9:35 a.m. + _ = 11:10 a.m.', '1 h 35 min', '2 h 25 min'];
        yield ['_ - 45 min = 10:20 a.m.', '11:05 a.m.', '9:35 a.m.'];
        yield ['105 min in h min', '1 h 45 min', '45 min', '1 h 105 min'];
        yield ['3 days ? 70 h', '>', '<', '='];
        yield ['order 7:40 a.m., 7:00 p.m., 7:00 a.m.', '7:00 a.m., 7:40 a.m., 7:00 p.m.', '7:00 p.m., 7:00 a.m., 7:40 a.m.', '7:00 a.m., 7:40 a.m.'];
        yield ['8:37 a.m. as words', 'twenty-three minutes to nine in the morning', 'twenty-three minutes past nine in the morning'];
        yield ['23 minutes to 9 as digital', '8:37', '9:37', '9:23'];
        yield ['5:05 p.m. as 24h', '17:05', '05:05', '15:05'];
    }
}
