<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Question;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Verdict;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\AnswerForms;
use Rostik\Core\Question\Asking;
use Rostik\Core\Question\Choice;
use Rostik\Core\Question\Form\Hands;
use Rostik\Core\Question\Form\InTable;
use Rostik\Core\Question\Form\OneOfFour;
use Rostik\Core\Question\Form\Ranked;
use Rostik\Core\Question\Form\TrueOrFalse;
use Rostik\Core\Question\Form\Written;
use Rostik\Core\Question\Manner;
use Rostik\Core\Question\PosedQuestion;
use Rostik\Core\Question\Posing;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Scaffold;
use Rostik\Core\Question\TimesGiven;
use Rostik\Core\Sheet\Examples;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Answered;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

/** Questions of every rung and level, in every form of answer and every form of times: what must hold wherever they are put. */
final class EveryFormTest extends TestCase
{
    /** @return iterable<string, array{string, TimesGiven}> */
    public static function manners(): iterable
    {
        foreach (array_keys(Core::get(AnswerForms::class)->all()) as $answers) {
            foreach (TimesGiven::cases() as $times) {
                yield $answers.', '.$times->value => [$answers, $times];
            }
        }
    }

    private static function sum(string $text): Sum
    {
        return Core::get(SumReader::class)->read($text)->sum;
    }

    private static function pose(string $text, string $answers, TimesGiven $times = TimesGiven::AsWritten, string $wording = '', int $number = 1): PosedQuestion
    {
        return Core::get(Posing::class)->pose(new Question(self::sum($text), $wording, $answers, $times), new Manner(), $number);
    }

    #[DataProvider('manners')]
    public function testEveryQuestionHasOnePlaceForItsAnswerAndDoesNotGiveItAway(string $answers, TimesGiven $times): void
    {
        $posing = Core::get(Posing::class);
        $asking = Core::get(Asking::class);
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                $manner = new Manner($level->scaffold(), $answers, $times);
                foreach (Core::get(Generator::class)->draw($rung, $level, 2, 17)->sums as $i => $sum) {
                    $what = $rung->id.', '.$level->value.': '.Core::get(Forms::class)->write($sum, Writer::plain());
                    $posed = $posing->pose(new Question($sum), $manner, $i + 1);
                    $form = $posed->form;
                    self::assertNotNull($posed->answer, $what);
                    self::assertContains($form->id(), [$answers, Written::TYPE], $what);
                    $places = [
                        '' !== $form->rule() && 'a.m. or p.m.?' !== $form->rule(),
                        $form instanceof OneOfFour,
                        $form instanceof InTable,
                        $form instanceof Ranked,
                        str_contains($posed->asked, '___'),
                        $form->drawsTheTime(),
                    ];
                    self::assertCount(1, array_filter($places), $what.': there is one place for the answer');
                    $this->givesNothingAway($posed, $asking->given($sum, $times), $what);
                    $judged = $form->judge($asking->given($sum, $times), $posed->answer, Core::get(Judge::class));
                    self::assertTrue($judged->verdict->isRight(), $what.': the key, '.$posed->answer.', is right');
                }
            }
        }
    }

    /** The answer is nowhere but among the choices, or in a claim that is true. */
    private function givesNothingAway(PosedQuestion $posed, Sum $sum, string $what): void
    {
        $form = $posed->form;
        $right = static fn (string $answer): bool => Core::get(Judge::class)->judge($sum, $answer)->verdict->isRight();
        if ($form instanceof TrueOrFalse) {
            self::assertMatchesRegularExpression($form->isTrue ? '/^true$/' : '/^false: ./', (string) $posed->answer, $what);
            $claimed = Answered::Sign === $sum->answered() ? (1 === preg_match('/ ([<>=]|earlier|later|the same) /', $form->statement, $m) ? $m[1] : '?') : explode(' = ', $form->statement, 2)[1] ?? '';
            if ('' !== $claimed && $sum->plain() === $sum) {
                // what is claimed, marked as a child's answer
                self::assertSame($form->isTrue, $right($claimed), $what.': '.$form->statement);
            }
        } elseif ($form instanceof OneOfFour) {
            // marked as answers of children, one is right and the others are not
            $texts = array_map(static fn (Choice $choice): string => $choice->text, $form->choices);
            self::assertCount(1, array_filter($texts, $right), $what.': '.implode('; ', $texts));
            self::assertCount(\count($texts), array_unique($texts), $what);
            self::assertLessThanOrEqual(4, \count($texts), $what);
            self::assertGreaterThanOrEqual(2, \count($texts), $what);
        } elseif ($form instanceof InTable) {
            self::assertNotContains($posed->answer, $form->cells, $what);
            self::assertCount(1, array_filter($form->cells, static fn (?string $cell): bool => null === $cell || str_contains($cell, '____')), $what);
        } elseif ($form instanceof Hands) {
            $shown = array_map(static fn ($clock): int => $clock->time->minutes % 720, $posed->clocks);
            $answer = $sum->plain()->answer()->onHands();
            self::assertNotNull($answer, $what);
            if ($answer->minutes % 720 !== ($sum->times()[0]->minutes ?? 0) % 720 || 'as-written' === $what) {
                self::assertNotContains($answer->minutes % 720, $shown, $what);
            }
        }
    }

    /** What is said in the form itself is judged in it: a letter for a choice, a word for a statement. */
    public function testAnAnswerIsJudgedInItsForm(): void
    {
        $judge = Core::get(Judge::class);
        $sum = self::sum('6 h 10 min - 3 h 45 min');
        $choice = self::pose('6 h 10 min - 3 h 45 min', OneOfFour::TYPE)->form;
        self::assertInstanceOf(OneOfFour::class, $choice);
        self::assertCount(4, $choice->choices);
        foreach ($choice->choices as $i => $one) {
            $letter = \chr(\ord('a') + $i);
            foreach ([$letter, strtoupper($letter), $letter.')', ' ('.$letter.') ', $one->text] as $written) {
                $judged = $choice->judge($sum, $written, $judge);
                self::assertSame(null === $one->mistake, Verdict::Right === $judged->verdict, $written);
                if (null !== $one->mistake) {
                    self::assertContains($one->mistake, $judged->fits, $written);
                }
            }
        }
        self::assertSame(Verdict::Unreadable, $choice->judge($sum, 'e', $judge)->verdict);
        $seen = [];
        for ($number = 1; $number <= 12; ++$number) {
            $form = self::pose('6 h 10 min - 3 h 45 min', TrueOrFalse::TYPE, number: $number)->form;
            self::assertInstanceOf(TrueOrFalse::class, $form);
            foreach (['true' => true, 'T' => true, 'Yes.' => true, 'false' => false, 'f' => false, 'No' => false] as $written => $says) {
                self::assertSame($says === $form->isTrue ? Verdict::Right : Verdict::Wrong, $form->judge($sum, $written, $judge)->verdict, $form->statement.' '.$written);
            }
            self::assertSame(Verdict::Right, $form->judge($sum, '2 h 25 min', $judge)->verdict);
            $seen[(int) $form->isTrue] = true;
        }
        self::assertCount(2, $seen, 'some claims are true and some are not');
    }

    /** Every way of numbering three and four things, in both directions: only the ranks are right, and the order written in numbers is not. */
    public function testNumbersInBoxesAreRanks(): void
    {
        $judge = Core::get(Judge::class);
        foreach (['order 4 pm, 9:10 am, 12:15 pm', 'order latest first: 4 pm, 9:10 am, 12:15 pm', 'order 90 min, 2 h, 45 min, 100 min', 'order longest first: 90 min, 2 h, 45 min, 100 min'] as $text) {
            $posed = self::pose($text, Ranked::TYPE);
            $form = $posed->form;
            self::assertInstanceOf(Ranked::class, $form);
            $sum = self::sum($text);
            $right = 0;
            $count = \count($form->things);
            for ($n = 0; $n < 10 ** $count; ++$n) {
                $digits = str_split(\sprintf('%0'.$count.'d', $n));
                if ([] !== array_diff(range(1, $count), $digits)) {
                    continue;
                }
                $verdict = $form->judge($sum, implode(' ', $digits), $judge)->verdict;
                self::assertSame(implode(', ', $digits) === $posed->answer ? Verdict::Right : Verdict::Wrong, $verdict, $text.': '.implode(' ', $digits));
                self::assertSame($verdict, $form->judge($sum, implode('', $digits), $judge)->verdict);
                $right += Verdict::Right === $verdict ? 1 : 0;
            }
            self::assertSame(1, $right);
        }
        // by hand: 9:10 a.m. is the first, 12:15 p.m. the second
        self::assertSame('3, 1, 2', self::pose('order 4 pm, 9:10 am, 12:15 pm', Ranked::TYPE)->answer);
        self::assertSame('1, 3, 2', self::pose('order latest first: 4 pm, 9:10 am, 12:15 pm', Ranked::TYPE)->answer);
    }

    /** What stands on papers that have been printed: whoever prints their key later must find the same. */
    public function testTheChoicesOfAQuestionNeverChange(): void
    {
        foreach ([
            ['1:50 pm + 3 h 30 min', 1, ['5:20 p.m.', '5:20 a.m.', '4:20 p.m.', '10:20 a.m.'], '5:20 p.m.'],
            ['6 h 10 min - 3 h 45 min', 2, ['9 h 55 min', '2 h 25 min', '3 h 25 min', '2 h 65 min'], '9 h 55 min'],
            ['105 min in h min', 7, ['1 h', '1 h 45 min', '1 h 5 min', '10 h 5 min'], '1 h'],
            // set down before the catalogue had some of the mistakes that show in them
            ['10:15 am + 5 min', 1, ['10:20 a.m.', '10:20 p.m.', '10:10 a.m.'], '10:20 a.m.'],
            ['9:45:20 p.m. - 15 s', 4, ['9:45:35 p.m.', '9:45:05 a.m.', '9:45:05 p.m.'], '9:45:35 p.m.'],
            ['12:30 pm as 24h', 2, ['00:30', '12:30'], null],
            ['half past 3 as digital', 3, ['3:30', '4:30', '3:06', '6:15'], null],
            ['every 10 min from 6:30 p.m., 4 times', 5, ['6:30 p.m., 6:40 p.m., 6:50 p.m., 7:00 p.m.', '6:30 p.m., 6:40 a.m., 6:50 p.m., 7:00 a.m.', '6:40 p.m., 6:50 p.m., 7:00 p.m., 7:10 p.m.', '6:30 p.m., 6:40 p.m., 6:50 p.m., 7:60 p.m.'], null],
        ] as [$text, $number, $choices, $claimed]) {
            $form = self::pose($text, OneOfFour::TYPE, number: $number)->form;
            self::assertInstanceOf(OneOfFour::class, $form);
            self::assertSame($choices, array_map(static fn (Choice $choice): string => $choice->text, $form->choices));
            if (null !== $claimed) {
                self::assertStringEndsWith(' = '.$claimed, self::pose($text, TrueOrFalse::TYPE, number: $number)->asked);
            }
        }
    }

    public function testAFormThatDoesNotSuitIsWritten(): void
    {
        foreach ([
            [Hands::TYPE, '9 am to 4 pm'], [Hands::TYPE, '3 h 40 min + 2 h 45 min'], [Hands::TYPE, '8:37 am as words'], [Hands::TYPE, '9:35 am + _ = 11:10 am'],
            [InTable::TYPE, '3 h 40 min + 2 h 45 min'], [InTable::TYPE, 'order 2 h, 30 min'], [Ranked::TYPE, '9 am to 4 pm'], [Ranked::TYPE, 'order 3 May 2027, 1 May 2027'], [OneOfFour::TYPE, '3 days ? 70 h'], ['no such form', '3 h 40 min + 2 h 45 min'],
        ] as [$form, $text]) {
            self::assertInstanceOf(Written::class, self::pose($text, $form)->form, $form.' for '.$text);
        }
        foreach ([[Hands::TYPE, '_ + 45 min = 10:20 am'], [Hands::TYPE, '1:50 pm + 3 h 30 min'], [Hands::TYPE, '17:05 as 12h'], [InTable::TYPE, '105 min in h min'], [InTable::TYPE, '10:15 am - 35 min']] as [$form, $text]) {
            self::assertSame($form, self::pose($text, $form)->form->id(), $form.' for '.$text);
        }
        // words tell their own numbers, so no table does
        self::assertInstanceOf(Written::class, self::pose('9 am to 4 pm', InTable::TYPE, wording: 'How long is it open?')->form);
    }

    /** Each rung has questions of its usual form, and a question may say otherwise. */
    public function testEachRungHasItsUsualForm(): void
    {
        $ladder = Core::get(Ladder::class);
        $drawn = static fn (string $rung): Question => Core::get(Generator::class)->draw($ladder->rung($rung), Level::Core, 1, 5)->questions[0];
        $posing = Core::get(Posing::class);
        self::assertInstanceOf(Hands::class, $posing->pose($drawn('set-clock'), new Manner())->form);
        $roman = $posing->pose($drawn('roman-clock'), new Manner());
        self::assertTrue($roman->roman);
        self::assertCount(1, $roman->clocks);
        $plain = $posing->pose($drawn('read-clock-five'), new Manner());
        self::assertFalse($plain->roman);
        self::assertInstanceOf(Written::class, $plain->form);
        self::assertInstanceOf(Hands::class, $posing->pose($drawn('read-clock-five'), new Manner(answers: Hands::TYPE))->form, 'chosen for all');
        foreach ($ladder->rungs() as $rung) {
            self::assertSame(\in_array($rung->id, ['set-clock', 'roman-clock', 'activity-table'], true), null !== $rung->answers || null !== $rung->times, $rung->id);
        }
    }

    /** The key of every question of every rung is what the workbench has, in the form in which it was asked for. */
    public function testTheKeyIsTheAnswerOfTheSumAsItIsGiven(): void
    {
        $asking = Core::get(Asking::class);
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Core::get(Generator::class)->draw($rung, Level::Stretch, 6, 29)->sums as $sum) {
                foreach ([TimesGiven::AsWritten, TimesGiven::TwentyFour] as $times) {
                    $given = Core::get(Forms::class)->write($asking->given($sum, $times), Writer::plain());
                    $posed = Core::get(Posing::class)->pose(new Question($sum, times: $times), new Manner());
                    self::assertSame(Marked::plain(Core::get(Workbench::class)->answer($given)->answer->shown ?? ''), $posed->answer);
                }
            }
        }
    }

    public function testThereIsRoomForTheMethodThatIsAskedForOrTheClassesOwn(): void
    {
        $method = static fn (string $answers, Manner $manner = new Manner()): ?string => Core::get(Posing::class)->pose(new Question(self::sum('9:20 am to 1:05 pm'), answers: $answers), $manner)->working?->method->id();
        self::assertSame('column', $method('columns'));
        self::assertSame('number-line', $method('line'));
        self::assertSame('number-line', $method('write'));
        self::assertSame('all-minutes', $method('write', new Manner(methods: ['elapsed' => 'all-minutes'])));
        self::assertSame('number-line', $method('write', new Manner(methods: ['total' => 'all-minutes', 'elapsed' => 'no such method'])));
        self::assertSame('column', self::pose('3 h 40 min + 2 h 45 min', 'write')->working?->method->id());
    }

    public function testAnExampleIsLikeTheQuestionsAndNoneOfThem(): void
    {
        $examples = Core::get(Examples::class);
        $manner = new Manner(Scaffold::Full);
        foreach (['add-regroup', 'subtract-regroup', 'later-across-hour', 'how-long-across-hours', 'convert-mixed'] as $id) {
            $sums = Core::get(Generator::class)->draw(Core::get(Ladder::class)->rung($id), Level::Core, 8, 31)->sums;
            $texts = array_map(static fn (Sum $sum): string => Core::get(Forms::class)->write($sum, Writer::plain()), $sums);
            for ($seed = 0; $seed < 10; ++$seed) {
                $example = $examples->for($sums, $manner, $seed);
                self::assertNotNull($example?->working);
                self::assertNotNull($example->answer);
                $read = self::sum(strtr($example->asked, ['−' => '-', '×' => 'x', '÷' => '/']));
                self::assertContains($id, Core::get(Ladder::class)->exercisedBy($read));
                self::assertNotContains(Core::get(Forms::class)->write($read, Writer::plain()), $texts);
            }
        }
        self::assertNull($examples->for([], $manner, 1));
    }

    public function testWhatHasNoOneAnswerSaysWhy(): void
    {
        foreach (['9:15 to 8:15' => 'It is not said whether a.m. or p.m. is meant, and it changes the answer.', '1 month ? 30 days' => 'It depends on which month or year is meant.'] as $text => $why) {
            $posed = self::pose($text, Written::TYPE);
            self::assertSame([null, $why], [$posed->answer, $posed->problem]);
            self::assertSame('Answer', $posed->form->rule());
        }
        self::assertSame('How long?', self::pose('9:15 to 8:15', Written::TYPE, wording: 'How long?')->asked);
    }

    /** Every wrong answer that a mistake leads to is wrong in every form that is written. */
    public function testWrongAnswersAreWrongInEveryForm(): void
    {
        $judge = Core::get(Judge::class);
        foreach (['1:50 pm + 3 h 30 min', '6 h 10 min - 3 h 45 min', '_ + 45 min = 10:20 am', '105 min in h min'] as $text) {
            $wrong = Core::get(MistakeBook::class)->predict(self::sum($text));
            self::assertNotSame([], $wrong, $text);
            foreach (Core::get(AnswerForms::class)->all() as $id => $form) {
                $form = self::pose($text, $id)->form;
                foreach ($form instanceof TrueOrFalse ? [] : $wrong as $mistake => $given) {
                    $judged = $form->judge(self::sum($text), $given->text(), $judge);
                    self::assertSame(Verdict::Wrong, $judged->verdict, $id.': '.$given->text());
                    self::assertContains($mistake, $judged->fits);
                }
            }
        }
    }
}
