<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Problem;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Mistake\Catalogue\KeyWord;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\HalfSigns;
use Rostik\Core\Notation\Separator;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Problem\Frame;
use Rostik\Core\Problem\Operation;
use Rostik\Core\Problem\Shape;
use Rostik\Core\Problem\Stories;
use Rostik\Core\Problem\StoryFile;
use Rostik\Core\Problem\StoryMaker;
use Rostik\Core\Problem\StoryWishes;
use Rostik\Core\Problem\Teller;
use Rostik\Core\Problem\Told;
use Rostik\Core\Problem\Wording;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Tests\Core;
use Rostik\Core\Tests\Sheet\Key;
use Rostik\Core\Time\Amount;

final class StoriesTest extends TestCase
{
    public function testThereAreStoriesEnough(): void
    {
        $all = Core::get(Stories::class)->all();
        self::assertGreaterThanOrEqual(60, \count($all));
        self::assertGreaterThanOrEqual(15, \count(array_unique(array_map(static fn (Frame $f): string => $f->about, $all))));
        foreach (Shape::cases() as $shape) {
            self::assertNotSame([], Core::get(Stories::class)->of($shape), $shape->value);
        }
        $wordings = array_merge(...array_map(static fn (Frame $f): array => $f->wordings, array_values($all)));
        self::assertGreaterThan(80, \count($wordings));
        foreach ($all as $frame) {
            foreach ($frame->wordings as $wording) {
                // names in place of pronouns that change, and nothing that is said in one number and comes in another
                self::assertDoesNotMatchRegularExpression('/\b(?:he|she|his|her|him|I|we)\b/i', $wording->text.' '.$wording->ask.' '.$wording->sentence, $frame->id);
                self::assertDoesNotMatchRegularExpression('/\{[a-z0-9]+\} (?:is|are|was|were|remain|remains)\b(?<!\{name\} is)(?<!\{name2\} was)(?<!\{Name\} is)(?<!\{name\} was)/', $wording->sentence, $frame->id);
                foreach ($frame->shape->drawn() as $name) {
                    $said = 'each' === $name && Shape::Shared === $frame->shape ? 'whole' : $name;
                    self::assertMatchesRegularExpression('/\{(?:'.$said.'|nth)\}/', $wording->text.$wording->ask, $frame->id.' says '.$said);
                }
                self::assertStringContainsString('{'.$frame->shape->found().'}', $wording->sentence, $frame->id.' answers what is asked');
                self::assertStringNotContainsString('{'.$frame->shape->found().'}', Shape::Shared === $frame->shape ? '' : $wording->text.$wording->ask, $frame->id.' does not give it away');
            }
        }
    }

    /** More than twenty thousand, of every story at every level: their English, their numbers, their sums and their answers. */
    public function testTwentyThousandProblems(): void
    {
        $teller = Core::get(Teller::class);
        $forms = Core::get(Forms::class);
        $plain = Writer::plain();
        $count = 0;
        foreach (Core::get(Stories::class)->all() as $frame) {
            $toldAt = [];
            foreach (Level::cases() as $level) {
                $dice = new Dice(crc32($frame->id.$level->value));
                for ($n = 0; $n < 120; ++$n) {
                    $told = $teller->tell($frame, $level, $dice);
                    if (null === $told) {
                        continue;
                    }
                    ++$count;
                    $toldAt[$level->value] = true;
                    $what = $frame->id.', '.$level->value.': '.$told->text.' '.$told->ask.' '.$told->sentence;
                    self::assertEnglish($told, $what);
                    self::assertLevel($told, $what);
                    foreach ($told->sums as $sum) {
                        self::assertTrue(Key::isRight($forms->write($sum, $plain), $plain->answer($sum->answer())), $what);
                    }
                    // what is done in turn comes to what the last sum comes to, and is read back
                    $text = $forms->write($told->sum(), $plain);
                    self::assertSame($text, $forms->write(Core::get(SumReader::class)->read($text)->sum, $plain), $what);
                    self::assertStringContainsString($plain->answer(self::undated($told->sum()->answer())), str_replace(' .', '.', $told->sentence.' '), $what);
                }
            }
            self::assertArrayHasKey('stretch', $toldAt, $frame->id.' can be told');
            self::assertNotSame([], array_diff(array_keys($toldAt), ['support']), $frame->id);
        }
        self::assertGreaterThan(20_000, $count);
    }

    private static function undated(\Rostik\Core\Sum\Answer $answer): \Rostik\Core\Sum\Answer
    {
        return $answer instanceof \Rostik\Core\Sum\TimeAnswer ? new \Rostik\Core\Sum\TimeAnswer($answer->time, 0) : $answer;
    }

    private static function assertEnglish(Told $told, string $what): void
    {
        foreach ([$told->text, $told->ask, $told->sentence] as $said) {
            self::assertDoesNotMatchRegularExpression('/\b(\w+) \1\b/i', $said, 'a doubled word: '.$what);
            self::assertDoesNotMatchRegularExpression('/\ba (?:[aeio]|hour)|\ban (?!hour)[^aeiou]/i', preg_replace('/\b[ap]\.m\./', '', $said) ?? '', 'a or an: '.$what);
            self::assertDoesNotMatchRegularExpression('/(?<!\d)1 (?:hours|minutes)\b|(?<!\d)(?:[2-9]|\d\d+) (?:hour|minute)\b(?! )/', $said, 'one and many: '.$what);
            self::assertDoesNotMatchRegularExpression('/  |\.\.|[{}]| [.,?]/', $said, 'stops and spaces: '.$what);
            self::assertDoesNotMatchRegularExpression('/\bevery an? |\b(?:a|an|the) (?:an?|the|one) /i', $said, 'two articles: '.$what);
            self::assertMatchesRegularExpression('/^[A-Z0-9].*[.?]$/', $said, 'a sentence: '.$what);
            self::assertDoesNotMatchRegularExpression('/(?<![ap]\.m)[.?] [a-z]/', $said, 'a capital: '.$what);
        }
        self::assertLessThanOrEqual(600, mb_strlen($told->text.' '.$told->ask), $what);
    }

    private static function assertLevel(Told $told, string $what): void
    {
        $features = array_map(Features::of(...), $told->sums);
        $words = 1 === preg_match('/o’clock|\bpast\b|quarter|\bhalf\b|twenty/', $told->text);
        if (Level::Support === $told->level) {
            self::assertCount(1, $told->sums, $what);
            self::assertFalse($words, 'one notation: '.$what);
            self::assertTrue($features[0]->fives && !$features[0]->crossesNoon && !$features[0]->crossesMidnight && $features[0]->oClocks <= 1, $what);
        }
        if (Level::Core === $told->level) {
            self::assertSame([], array_filter($features, static fn (Features $f): bool => $f->crossesMidnight), $what);
        }
    }

    public function testASetTellsNoStoryTwiceAndMixesWhatIsDone(): void
    {
        $maker = Core::get(StoryMaker::class);
        foreach (['one-step-problem', 'two-step-problem', 'plan-backwards'] as $id) {
            $rung = Core::get(Ladder::class)->rung($id);
            foreach (Level::cases() as $level) {
                for ($seed = 1; $seed <= 8; ++$seed) {
                    $set = $maker->make($rung, $level, 12, $seed);
                    self::assertCount(12, $set);
                    self::assertCount(12, array_unique(array_map(static fn (Told $t): string => $t->text, $set)));
                    if ('plan-backwards' !== $id) {
                        self::assertCount(12, array_unique(array_map(static fn (Told $t): string => $t->frame->id, $set)), 'no story twice');
                        $adding = \count(array_filter($set, static fn (Told $t): bool => $t->frame->shape->adds()));
                        self::assertGreaterThan(1, $adding, $id.', seed '.$seed);
                        self::assertLessThan(11, $adding, $id.', seed '.$seed);
                    }
                }
            }
        }
        self::assertEquals($maker->make(Core::get(Ladder::class)->rung('one-step-problem'), Level::Core, 5, 3), $maker->make(Core::get(Ladder::class)->rung('one-step-problem'), Level::Core, 5, 3), 'the same seed tells the same');
        self::assertFalse($maker->tells(Core::get(Ladder::class)->rung('add-regroup')));
    }

    public function testNamesAreThoseAskedFor(): void
    {
        $frame = Core::get(Stories::class)->frame('rowers');
        $told = Core::get(Teller::class)->tell($frame, Level::Core, new Dice(4), new Style(), ['Wren', 'Yusuf']);
        self::assertMatchesRegularExpression('/^(?:Wren rowed .* Yusuf took|Yusuf rowed .* Wren took)/', $told->text ?? '');
        $own = Core::get(Teller::class)->tell($frame, Level::Core, new Dice(4));
        self::assertDoesNotMatchRegularExpression('/Wren|Yusuf/', $own->text ?? 'Wren');
    }

    public function testItIsToldInTheWayOfTheClass(): void
    {
        $frame = Core::get(Stories::class)->frame('market-open');
        $small = new Style(HalfSigns::Small, Separator::Point, nameTwelve: false);
        $by24 = new Style(always24: true);
        for ($seed = 1; $seed < 30; ++$seed) {
            $told = Core::get(Teller::class)->tell($frame, Level::Core, new Dice($seed), $small);
            self::assertDoesNotMatchRegularExpression('/\d:\d|a\.m\.|p\.m\./', ($told->text ?? '').($told->sentence ?? ''));
            $told = Core::get(Teller::class)->tell($frame, Level::Core, new Dice($seed), $by24);
            self::assertMatchesRegularExpression('/\d\d:\d\d.*\d\d:\d\d/', $told->text ?? '');
        }
    }

    #[DataProvider('faults')]
    public function testWhatIsWrongInAFileIsSaidWithItsLine(string $text, string $said): void
    {
        $this->expectException(\DomainException::class);
        $this->expectExceptionMessageMatches($said);
        Core::get(StoryFile::class)->read($text, 'own.txt');
    }

    /** @return iterable<string, array{string, string}> */
    public static function faults(): iterable
    {
        $whole = "story one\nabout the ferry\nshape end\nstart 6:00 a.m. to 8:30 p.m.\nlength 25 min to 1 h\n- It leaves at {start} and takes {length}.\n? When does it come?\n= It comes at {end}.\n";
        yield 'no story' => ["about the ferry\n", '/^own\.txt, line 1: a story begins with/'];
        yield 'a bad name' => ["story The Ferry\n", '/line 1: a story has a name in small letters/'];
        yield 'no such shape' => [str_replace('shape end', 'shape middle', $whole), '/line 3: there is no shape “middle”. There are: end, start/'];
        yield 'no shape' => [str_replace("shape end\n", '', $whole), '/line 1, story one: it has no shape/'];
        yield 'no range' => [str_replace("length 25 min to 1 h\n", '', $whole), '/story one: a line “length …” says what is plausible/'];
        yield 'a range that is none' => [str_replace('25 min to 1 h', 'soon', $whole), '/line 5: “length soon” was not understood. This works: length 25 min/'];
        yield 'from more to less' => [str_replace('25 min to 1 h', '2 h to 1 h', $whole), '/line 5: “length 2 h to 1 h” was not understood/'];
        yield 'half of the day not said' => [str_replace('6:00 a.m. to 8:30 p.m.', '6:00 to 8:30', $whole), '/line 4: “start 6:00 to 8:30” was not understood. This works: start 6:00 a.m./'];
        yield 'what such a story has not' => [str_replace("shape end\n", "shape end\nbreak 5 min to 10 min\n", $whole), '/story one: a story of the shape “end” has no “break”/'];
        yield 'no question' => [str_replace("? When does it come?\n", '', $whole), '/story one: every “-” ends with a full stop/'];
        yield 'a question first' => ["story one\n? When?\n", '/line 2: what is known comes first/'];
        yield 'nothing said' => ["story one\nabout the ferry\nshape end\nstart 6:00 a.m. to 8:30 p.m.\nlength 25 min to 1 h\n", '/it is told in no words/'];
        yield 'numbers' => ["story one\nshape times\nnumber many\n", '/line 3: numbers are written like “number 3 to 8”/'];
        yield 'about nothing' => [str_replace("about the ferry\n", '', $whole), '/“about” says what it is about/'];
    }

    public function testAFileIsRead(): void
    {
        $frames = Core::get(StoryFile::class)->read("# own\nstory one\r\nabout the ferry\nshape end\nstart 10:00 p.m. to 2:00 a.m.\nlength 25 min to 1 h\ncount 3 to 9\n- It leaves at {start} and takes {length}.\n? When does it come?\n= It comes at {end}.\n+ {count} people are on it.\n");
        self::assertSame(['one'], array_map(static fn (Frame $f): string => $f->id, $frames));
        self::assertTrue($frames[0]->ranges['start']->holds(\Rostik\Core\Time\StatedTime::of(\Rostik\Core\Time\TimeOfDay::ofMinutes(30))), 'past midnight');
        self::assertFalse($frames[0]->ranges['start']->holds(\Rostik\Core\Time\StatedTime::of(\Rostik\Core\Time\TimeOfDay::ofMinutes(720))));
        $told = Core::get(Teller::class)->tell($frames[0], Level::Stretch, new Dice(2));
        self::assertNotNull($told);
        $this->expectException(\OutOfBoundsException::class);
        Core::get(Stories::class)->frame('no-such');
    }

    /** Pairs with the same word, one added and one taken away: who goes by the word gets one of them wrong. */
    public function testPairsHoldTheSameWordAndOppositeOperations(): void
    {
        $maker = Core::get(StoryMaker::class);
        $rung = Core::get(Ladder::class)->rung('one-step-problem');
        $book = Core::get(MistakeBook::class);
        foreach (Level::cases() as $level) {
            for ($seed = 1; $seed <= 6; ++$seed) {
                $made = $maker->make($rung, $level, 6, $seed, wishes: new StoryWishes(pairs: true));
                self::assertCount(6, $made);
                self::assertCount(6, array_unique(array_map(static fn (Told $one): string => $one->frame->id, $made)));
                foreach ([[$made[0], $made[1]], [$made[2], $made[3]]] as [$add, $take]) {
                    self::assertSame([Operation::Add, Operation::Subtract], [Operation::of($add->sums[0]), Operation::of($take->sums[0])]);
                    $same = array_intersect(KeyWord::wordsIn($add->text.' '.$add->ask), KeyWord::wordsIn($take->text.' '.$take->ask));
                    self::assertNotSame([], $same, $add->text.' / '.$take->text);
                }
                $misled = array_filter(\array_slice($made, 0, 4), static fn (Told $one): bool => isset($book->predict($one->sum(), words: $one->text.' '.$one->ask)['key-word']));
                self::assertNotSame([], $misled);
            }
        }
    }

    /** Names of a class stand in stories only where they are asked for. */
    public function testNamesOfTheClassAreToldWhereTheyAreAskedFor(): void
    {
        $maker = Core::get(StoryMaker::class);
        $rung = Core::get(Ladder::class)->rung('one-step-problem');
        $told = static fn (StoryWishes $wishes): string => implode(' ', array_map(static fn (Told $one): string => $one->text.' '.$one->ask.' '.$one->sentence, $maker->make($rung, Level::Core, 30, 4, wishes: $wishes)));
        self::assertMatchesRegularExpression('/Anouk|Rufus/', $told(new StoryWishes(names: ['Anouk', 'Rufus'])));
        self::assertDoesNotMatchRegularExpression('/Anouk|Rufus/', $told(new StoryWishes()));
    }

    /** At the first level every minute told is a five, in problems of two sums too; stretches of time are as long as their story says. */
    public function testTheFirstLevelHasFivesAndNoStretchIsAbsurd(): void
    {
        $maker = Core::get(StoryMaker::class);
        $spans = 0;
        foreach (['one-step-problem', 'two-step-problem', 'plan-backwards'] as $rung) {
            for ($seed = 1; $seed <= 30; ++$seed) {
                foreach ($maker->make(Core::get(Ladder::class)->rung($rung), Level::Support, 10, $seed) as $told) {
                    foreach ($told->sums as $sum) {
                        self::assertTrue(Features::of($sum)->fives, $told->text);
                    }
                }
            }
        }
        foreach (Core::get(Stories::class)->all() as $frame) {
            foreach ($frame->shape->spans() as $i => $name) {
                self::assertArrayHasKey($name, $frame->ranges, $frame->id);
                for ($seed = 1; $seed <= 60; ++$seed) {
                    $sum = Core::get(Teller::class)->tell($frame, Level::cases()[1 + $seed % 2], new Dice($seed))?->sums[$i];
                    if ($sum instanceof Elapsed) {
                        ++$spans;
                        self::assertTrue($frame->ranges[$name]->holds(Amount::minutes($sum->minutes())), $frame->id.': '.$sum->minutes());
                    }
                }
            }
        }
        self::assertGreaterThan(400, $spans);
    }

    /** A stretch whose times are said with "to" is told with digits: "from five to ten to 3:04" is read in two ways. */
    public function testNoStretchIsToldFromToToTo(): void
    {
        $stretches = 0;
        foreach (Core::get(Stories::class)->all() as $frame) {
            for ($seed = 1; $seed <= 40; ++$seed) {
                $told = Core::get(Teller::class)->tell($frame, Level::cases()[1 + $seed % 2], new Dice($seed), new Style(), ['Wren', 'Yusuf']);
                if (null === $told || 1 !== preg_match('/\bfrom (?:[a-z]|\d)[^.,]*? (?:to|until) [^.,]*/', $told->text, $m)) {
                    continue;
                }
                ++$stretches;
                self::assertDoesNotMatchRegularExpression('/(?:^|[.] )In the (?:morning|evening)[^.,]* in the (?:morning|afternoon|evening)/', $told->text);
                self::assertLessThanOrEqual(str_contains($m[0], 'until') ? 0 : 1, preg_match_all('/ to /', preg_replace('/\bto (?:the|be|a)\b.*/', '', $m[0]) ?? ''), $told->text);
            }
        }
        self::assertGreaterThan(50, $stretches);
    }

    public function testEveryStoryIsToldInSeveralWordings(): void
    {
        foreach (Core::get(Stories::class)->all() as $id => $frame) {
            self::assertGreaterThan(1, \count($frame->wordings), $id);
            self::assertCount(\count($frame->wordings), array_unique(array_map(static fn (Wording $one): string => $one->text, $frame->wordings)), $id);
        }
    }
}
