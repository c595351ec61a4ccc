<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Printing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\App\Account\Teacher;
use Rostik\App\Printing\Asking;
use Rostik\App\Printing\Figures;
use Rostik\App\Printing\PrintedQuestion;
use Rostik\App\Printing\QuestionPrinter;
use Rostik\App\Sheet\PosedQuestion;
use Rostik\App\Sheet\SheetSettings;
use Rostik\Core\Judging\Judge;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sheet\AnswerForm;
use Rostik\Core\Sheet\Choices;
use Rostik\Core\Sheet\Scaffold;
use Rostik\Core\Sheet\TimesGiven;
use Rostik\Core\Skill\Another;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

/** Questions of every rung and level, in every form of answer and every form of times: what must hold of all paper. */
final class EveryPaperTest extends TestCase
{
    private static function printer(): QuestionPrinter
    {
        $forms = Core::get(Forms::class);

        return new QuestionPrinter(Core::get(Workbench::class), new SumReader($forms), $forms, Core::get(Choices::class), Core::get(Another::class), new Asking($forms), new Figures());
    }

    private static function teacher(): Teacher
    {
        return new Teacher('arden@ombrel.example', 'Arden Vale', 'Ombrel Island School', 'Kittiwakes');
    }

    /** @return iterable<string, array{AnswerForm, TimesGiven}> */
    public static function settings(): iterable
    {
        foreach (AnswerForm::cases() as $answers) {
            foreach (TimesGiven::cases() as $times) {
                yield $answers->value.', '.$times->value => [$answers, $times];
            }
        }
    }

    #[DataProvider('settings')]
    public function testEveryQuestionIsAskedCanBeAnsweredAndDoesNotGiveItsAnswerAway(AnswerForm $answers, TimesGiven $times): void
    {
        $printer = self::printer();
        $teacher = self::teacher();
        $forms = Core::get(Forms::class);
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                $settings = new SheetSettings(scaffold: Scaffold::forLevel($level), answers: $answers, times: $times);
                foreach (Core::get(Generator::class)->draw($rung, $level, 2, 17)->sums as $i => $sum) {
                    $text = $forms->write($sum, Writer::plain());
                    $printed = $printer->print($i + 1, new PosedQuestion($text), $settings, $teacher, false);
                    $what = $rung->id.', '.$level->value.': '.$text;
                    self::assertNotNull($printed->answer, $what);
                    self::assertNull($printed->working, $what);
                    $places = [
                        '' !== $printed->space->rule && 'a.m. or p.m.?' !== $printed->space->rule,
                        [] !== $printed->space->choices,
                        null !== $printed->space->row,
                        str_contains($printed->question, '___'),
                        str_contains($printed->space->figure, 'A clock face to draw the hands on'),
                    ];
                    self::assertCount(1, array_filter($places), $what.': there is one place for the answer');
                    $this->givesNothingAway($printed, $forms->write((new Asking($forms))->given($sum, $times), Writer::plain()), $what);
                    $this->isWellFormed($printed->space->figure, $what);
                }
            }
        }
    }

    /** The answer is on the paper nowhere but among the choices, or in a claim that is true. */
    private function givesNothingAway(PrintedQuestion $printed, string $text, string $what): void
    {
        $answer = (string) $printed->answer;
        if (null !== $printed->space->statement) {
            self::assertMatchesRegularExpression('/^(true$|false: .)/', $answer, $what);
            $claimed = explode(' = ', $printed->space->statement, 2)[1] ?? '';
            if ('' !== $claimed && !str_contains($text, '_') && !str_contains($text, '?')) {
                // what is claimed, marked as a child's answer
                self::assertSame('true' === $answer, Core::get(Judge::class)->judge(Core::get(SumReader::class)->read($text)->sum, $claimed)->verdict->isRight(), $what.': '.$printed->space->statement);
            }

            return;
        }
        if ([] !== $printed->space->choices) {
            // marked as answers of children, one is right and the others are not
            $sum = Core::get(SumReader::class)->read($text)->sum;
            self::assertCount(1, array_filter($printed->space->choices, static fn (string $choice): bool => Core::get(Judge::class)->judge($sum, $choice)->verdict->isRight()), $what.': '.implode('; ', $printed->space->choices));
            self::assertCount(\count($printed->space->choices), array_unique($printed->space->choices), $what);
            self::assertLessThanOrEqual(4, \count($printed->space->choices), $what);
            self::assertGreaterThanOrEqual(2, \count($printed->space->choices), $what);
        }
        // 1 h + 0 min = 1 h: a question that stands in its answer is no giving away; a row or a drawing with the answer in it is
        foreach (null === $printed->space->row ? [] : $printed->space->row->cells as $cell) {
            self::assertNotSame($answer, $cell, $what);
        }
        self::assertCount(null === $printed->space->row ? 0 : 1, array_filter(null === $printed->space->row ? [] : $printed->space->row->cells, static fn (?string $cell): bool => null === $cell || str_contains($cell, '____')), $what);
        if (preg_match('/^\d{1,2}:\d\d/', $answer, $digits)) {
            preg_match_all('~<text[^>]*>([^<]*)</text>~', $printed->space->figure, $texts);
            $given = preg_match_all('/\d{1,2}:\d\d/', $printed->question, $times) > 0 ? $times[0] : [];
            self::assertNotContains($digits[0], array_diff($texts[1], $given), $what.': the drawing shows the answer');
        }
    }

    private function isWellFormed(string $figure, string $what): void
    {
        if ('' === $figure) {
            return;
        }
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML('<p>'.$figure.'</p>'), $what);
        foreach ($document->getElementsByTagName('svg') as $svg) {
            self::assertMatchesRegularExpression('/^[\d.]+mm$/', $svg->getAttribute('width'));
            self::assertNotSame('', $svg->getAttribute('aria-label'), $what);
            self::assertLessThanOrEqual(84.01, (float) $svg->getAttribute('width'), $what.': it fits beside another question');
        }
    }

    /** By the 24-hour clock nothing on paper or in the key says a.m. or p.m. */
    public function testTheTwentyFourHourClockIsKeptToThroughout(): void
    {
        $seen = 0;
        $settings = new SheetSettings(scaffold: Scaffold::Full, times: TimesGiven::TwentyFour);
        foreach (['later-across-hour', 'earlier-across-hour', 'across-noon', 'across-midnight', 'missing-part', 'order-times'] as $id) {
            foreach (Core::get(Generator::class)->draw(Core::get(Ladder::class)->rung($id), Level::Stretch, 12, 23)->sums as $sum) {
                $printed = self::printer()->print(1, new PosedQuestion(Core::get(Forms::class)->write($sum, Writer::plain())), $settings, self::teacher());
                $all = $printed->question.' '.$printed->answer.' '.$printed->space->figure.' '.implode(' ', $printed->working->steps ?? []).' '.($printed->working->drawing ?? '');
                if (!str_starts_with($id, 'order') || !str_contains($all, ' h')) {
                    self::assertDoesNotMatchRegularExpression('/[ap]\.m\./', (string) preg_replace('/(noon|midnight)/', '', $all), $all);
                    ++$seen;
                }
            }
        }
        self::assertGreaterThan(60, $seen);
    }

    /** The key of every question of every rung is what the workbench has, in the form that was asked for. */
    public function testTheKeyIsTheAnswerOfTheSumAsItIsGiven(): void
    {
        $forms = Core::get(Forms::class);
        $asking = new Asking($forms);
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Core::get(Generator::class)->draw($rung, Level::Stretch, 6, 29)->sums as $sum) {
                foreach ([TimesGiven::AsWritten, TimesGiven::TwentyFour] as $times) {
                    $given = $forms->write($asking->given($sum, $times), Writer::plain());
                    $printed = self::printer()->print(1, new PosedQuestion($forms->write($sum, Writer::plain())), new SheetSettings(times: $times), self::teacher());
                    self::assertSame(Marked::plain(Core::get(Workbench::class)->answer($given)->answer->shown ?? ''), $printed->answer);
                }
            }
        }
    }

    public function testAnExampleIsLikeTheQuestionsAndNoneOfThem(): void
    {
        $settings = new SheetSettings(scaffold: Scaffold::Full, example: true);
        foreach (['add-regroup', 'subtract-regroup', 'later-across-hour', 'how-long-across-hours', 'convert-mixed'] as $id) {
            $sums = array_map(static fn ($s): string => Core::get(Forms::class)->write($s, Writer::plain()), Core::get(Generator::class)->draw(Core::get(Ladder::class)->rung($id), Level::Core, 8, 31)->sums);
            for ($seed = 0; $seed < 10; ++$seed) {
                $example = self::printer()->example(['bananas', ...$sums], $settings, self::teacher(), $seed);
                self::assertNotNull($example);
                self::assertNotNull($example->answer);
                self::assertNotSame([], $example->working->steps ?? []);
                $read = Core::get(SumReader::class)->read(strtr($example->question, ['−' => '-', '×' => 'x', '÷' => '/']))->sum;
                self::assertContains($id, Core::get(Ladder::class)->exercisedBy($read));
                self::assertNotContains(Core::get(Forms::class)->write($read, Writer::plain()), $sums);
            }
        }
        self::assertNull(self::printer()->example(['bananas'], $settings, self::teacher(), 1));
        self::assertNull(self::printer()->example([], $settings, self::teacher(), 1));
    }

    public function testWhatCannotBeAnsweredSaysWhy(): void
    {
        $printed = self::printer()->print(3, new PosedQuestion('bananas'), new SheetSettings(), self::teacher());
        self::assertSame([3, 'bananas', null, '“bananas” was not understood.'], [$printed->number, $printed->question, $printed->answer, $printed->problem]);
        $printed = self::printer()->print(1, new PosedQuestion('9:15 to 8:15'), new SheetSettings(), self::teacher());
        self::assertSame([null, 'It is not said whether a.m. or p.m. is meant, and it changes the answer.'], [$printed->answer, $printed->problem]);
        $printed = self::printer()->print(1, new PosedQuestion('1 month ? 30 days'), new SheetSettings(), self::teacher());
        self::assertSame([null, 'It depends on which month or year is meant.'], [$printed->answer, $printed->problem]);
    }
}
