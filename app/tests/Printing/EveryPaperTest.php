<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Printing;

use PHPUnit\Framework\Attributes\DataProvider;
use Rostik\App\Printing\PrintedQuestion;
use Rostik\App\Printing\QuestionPrinter;
use Rostik\App\Sheet\QuestionText;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\AnswerForms;
use Rostik\Core\Question\Manner;
use Rostik\Core\Question\Scaffold;
use Rostik\Core\Question\TimesGiven;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Twig\Environment;

/** Questions of every rung and level, in every form of answer and every form of times: what must hold of all paper. */
final class EveryPaperTest extends KernelTestCase
{
    private static function printer(): QuestionPrinter
    {
        $printer = self::getContainer()->get(QuestionPrinter::class);
        self::assertInstanceOf(QuestionPrinter::class, $printer);

        return $printer;
    }

    /** As it stands on the paper. */
    private static function paper(PrintedQuestion ...$questions): string
    {
        $twig = self::getContainer()->get(Environment::class);
        self::assertInstanceOf(Environment::class, $twig);
        $form = $questions[0]->posed->form;

        return trim($form->joins($form)
            ? $twig->render('print/answer/'.$form->id().'.html.twig', ['block' => $questions])
            : $twig->render('print/_question.html.twig', ['line' => $questions[0]]));
    }

    /** @return iterable<string, array{string, TimesGiven}> */
    public static function manners(): iterable
    {
        foreach (array_keys(Core::get(AnswerForms::class)->all()) as $answers) {
            foreach (TimesGiven::cases() as $times) {
                yield $answers.', '.$times->value => [$answers, $times];
            }
        }
    }

    #[DataProvider('manners')]
    public function testEveryQuestionIsDrawnWithOnePlaceForItsAnswer(string $answers, TimesGiven $times): void
    {
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                foreach (Core::get(Generator::class)->draw($rung, $level, 2, 17)->sums as $i => $sum) {
                    $text = Core::get(Forms::class)->write($sum, Writer::plain());
                    $printed = self::printer()->print($i + 1, new QuestionText($text), new Manner($level->scaffold(), $answers, $times), false);
                    $what = $rung->id.', '.$level->value.': '.$text;
                    self::assertNull($printed->working, $what);
                    $paper = self::paper($printed);
                    $places = [
                        1 === preg_match('~<span class="answer-line(?: long)?">Answer ~', $paper),
                        str_contains($paper, 'class="choices"'),
                        str_contains($paper, 'class="ranks"'),
                        str_contains($paper, '<table'),
                        1 === preg_match('~<span class="sum">[^<]*___~', $paper),
                        str_contains($paper, 'A clock face to draw the hands on'),
                    ];
                    self::assertCount(1, array_filter($places), $what.': there is one place for the answer');
                    $document = new \DOMDocument();
                    self::assertTrue($document->loadXML(str_replace('<br>', '<br/>', $paper)), $what);
                    foreach ($document->getElementsByTagName('svg') as $svg) {
                        self::assertMatchesRegularExpression('/^[\d.]+mm$/', $svg->getAttribute('width'));
                        self::assertNotSame('', $svg->getAttribute('aria-label'), $what);
                        self::assertLessThanOrEqual(84.01, (float) $svg->getAttribute('width'), $what.': it fits beside another question');
                    }
                    if (!str_contains($paper, '<table')) {
                        // what is drawn has the place that drawings need
                        self::assertSame(str_contains($paper, 'class="question drawn"'), $document->getElementsByTagName('svg')->length > 0, $what);
                    }
                    $this->givesNothingAway($printed, $paper, $what);
                }
            }
        }
    }

    /** No drawing shows the digits of the answer, unless the question does. */
    private function givesNothingAway(PrintedQuestion $printed, string $paper, string $what): void
    {
        if (1 !== preg_match('/^\d{1,2}:\d\d/', (string) $printed->posed->answer, $digits)) {
            return;
        }
        preg_match_all('~<text[^>]*>([^<]*)</text>~', $paper, $texts);
        $given = preg_match_all('/\d{1,2}:\d\d/', $printed->posed->asked, $times) > 0 ? $times[0] : [];
        self::assertNotContains($digits[0], array_diff($texts[1], $given), $what.': the drawing shows the answer');
    }

    /** By the 24-hour clock nothing on paper or in the key says a.m. or p.m. */
    public function testTheTwentyFourHourClockIsKeptToThroughout(): void
    {
        $seen = 0;
        foreach (['later-across-hour', 'earlier-across-hour', 'across-noon', 'across-midnight', 'missing-part', 'order-times'] as $id) {
            foreach (Core::get(Generator::class)->draw(Core::get(Ladder::class)->rung($id), Level::Stretch, 12, 23)->sums as $sum) {
                $printed = self::printer()->print(1, new QuestionText(Core::get(Forms::class)->write($sum, Writer::plain())), new Manner(Scaffold::Full, times: TimesGiven::TwentyFour));
                $all = self::paper($printed).' '.$printed->posed->answer.' '.implode(' ', $printed->working->steps ?? []).' '.($printed->working->drawing ?? '');
                if (!str_starts_with($id, 'order') || !str_contains($all, ' h')) {
                    self::assertDoesNotMatchRegularExpression('/[ap]\.m\./', (string) preg_replace('/(noon|midnight)/', '', $all), $all);
                    ++$seen;
                }
            }
        }
        self::assertGreaterThan(60, $seen);
    }

    public function testAnExampleIsWorkedAndPassesOverWhatCannotBeRead(): void
    {
        $example = self::printer()->example([new QuestionText('bananas'), new QuestionText('3 h 40 min + 2 h 45 min')], new Manner(), 4);
        self::assertNotSame([], $example->working->steps ?? []);
        self::assertStringContainsString('<svg', $example->working->drawing ?? '');
        self::assertNull(self::printer()->example([new QuestionText('bananas')], new Manner(), 1));
    }

    public function testWhatCannotBeReadIsPrintedAsItStands(): void
    {
        $printed = self::printer()->print(3, new QuestionText('bananas'), new Manner());
        self::assertSame([3, 'bananas', null, '“bananas” was not understood.'], [$printed->number, $printed->posed->asked, $printed->posed->answer, $printed->posed->problem]);
        self::assertStringContainsString('class="answer-line"', self::paper($printed));
    }
}
