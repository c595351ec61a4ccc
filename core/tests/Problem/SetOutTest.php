<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Problem;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Board\Board;
use Rostik\Core\Method\ColumnMethod;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Picture\GivenLine;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Picture\SetOutPicture;
use Rostik\Core\Picture\StoryPin;
use Rostik\Core\Problem\AnswerSentence;
use Rostik\Core\Problem\Frame;
use Rostik\Core\Problem\Operation;
use Rostik\Core\Problem\ProblemNotRead;
use Rostik\Core\Problem\Stories;
use Rostik\Core\Problem\Teller;
use Rostik\Core\Problem\Told;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Work\Telling;
use Rostik\Core\Work\ToldSum;
use Rostik\Core\Work\Workbench;

final class SetOutTest extends TestCase
{
    /** Nobody said when the break was: it lies above the line, and neither begins with the stretch nor ends with it. */
    public function testABreakHangsLooseAboveTheLine(): void
    {
        $drawn = 0;
        for ($i = 0; $i < 60; ++$i) {
            $breaks = $i % 3 + 1;
            $length = 5 + $i % 9 * 5;
            $text = \sprintf(
                'The reading room opens at %d:%02d a.m. and closes at %d:%02d p.m. %s How long is it open?',
                $i % 3 + 8,
                $i * 7 % 60,
                $i % 4 + 2,
                $i * 11 % 60,
                1 === $breaks ? \sprintf('It is shut for a break of %d min.', $length) : \sprintf('It is shut for %d breaks of %d min each.', $breaks, $length),
            );
            foreach (Core::get(Workbench::class)->work($text, new Style())->methods[0]->steps as $step) {
                $story = $step->picture instanceof SetOutPicture ? $step->picture->story : null;
                $loose = array_values(array_filter($story->bars ?? [], static fn ($bar): bool => $bar->loose));
                foreach ($loose as $k => $bar) {
                    self::assertGreaterThan($story?->pins[0]->at, $bar->from, $text);
                    self::assertLessThan($story?->pins[1]->at, $bar->to, $text);
                    self::assertSame($length, $bar->to - $bar->from, $text);
                    self::assertGreaterThan(0, $bar->row, $text);
                    self::assertTrue(0 === $k || $loose[$k - 1]->to < $bar->from, $text);
                    ++$drawn;
                }
            }
        }
        self::assertGreaterThan(300, $drawn);
    }

    public function testAProblemIsSetOutLineByLine(): void
    {
        $worked = Core::get(Workbench::class)->work('The workshop begins at twenty past one in the afternoon and ends at 4:45 p.m. There is a break of 25 minutes. How long do the children work?');
        self::assertSame('1:20 p.m. to 4:45 p.m.; 3 h 25 min - 25 min', $worked->sum);
        $method = $worked->methods[0];
        self::assertSame(['set-out', '3 h'], [$method->id, $method->answer]);
        $said = array_map(static fn ($step): string => Marked::plain($step->say), $method->steps);
        self::assertSame('Given: start 1:20 p.m., end 4:45 p.m., break 25 min.', $said[0]);
        self::assertSame('Find: How long do the children work? First: how long it is from 1:20 p.m. to 4:45 p.m.', $said[1]);
        self::assertContains('Now find: How long do the children work?', $said);
        self::assertContains('The whole and a part of it are known, the rest is not: we take the part away. We subtract.', $said);
        self::assertSame('Answer: The children work for 3 h.', $said[\count($said) - 1]);
        $first = $method->steps[0]->picture;
        self::assertInstanceOf(SetOutPicture::class, $first);
        self::assertSame(['twenty past one in the afternoon', '', ''], array_map(static fn (GivenLine $one): string => $one->told, $first->given), 'what is told in another way stands beside it');
    }

    /** The class's own method is the one that is worked in; the operation is asked before it is said. */
    public function testTheWorkingIsInTheClassesOwnMethod(): void
    {
        $text = 'The Pintail leaves at 8:40 a.m. The crossing takes 2 hours 35 minutes. When does it arrive?';
        self::assertSame([LinePicture::class], self::drawnIn($text, []));
        self::assertSame([ColumnsPicture::class], self::drawnIn($text, ['later' => ColumnMethod::ID]));
        $asked = Core::get(Board::class)->show($text)->asked;
        self::assertCount(1, $asked);
        self::assertSame([Operation::Add, 2], [$asked[0]->operation, $asked[0]->step]);
    }

    /**
     * @param array<string, string> $own
     *
     * @return list<string>
     */
    private static function drawnIn(string $text, array $own): array
    {
        $drawn = [];
        foreach (Core::get(Workbench::class)->work($text, new Style(), $own)->methods[0]->steps as $step) {
            $working = $step->picture instanceof SetOutPicture ? ($step->picture->sums[0]->working ?? null) : null;
            $drawn[] = null === $working ? '' : $working::class;
        }

        return array_values(array_filter(array_unique($drawn)));
    }

    /** Every story at every level: its own answer in its own sentence, all that is given, the asked place dashed where the answer is. */
    #[DataProvider('frames')]
    public function testEveryMadeProblemIsSetOut(Frame $frame): void
    {
        $dice = new Dice(20);
        $writer = Writer::plain();
        foreach (Level::cases() as $level) {
            for ($i = 0; $i < 3; ++$i) {
                $told = Core::get(Teller::class)->tell($frame, $level, $dice);
                if (null !== $told) {
                    $this->isSetOut($told, $writer);
                }
            }
        }
        $this->addToAssertionCount(1);
    }

    private function isSetOut(Told $told, Writer $writer): void
    {
        $text = $told->text.' '.$told->ask;
        $board = Core::get(Board::class)->show($text);
        $steps = $board->worked->methods[0]->steps;
        self::assertSame('Answer: '.$told->sentence, Marked::plain($steps[\count($steps) - 1]->say), $text);
        self::assertCount(\count($told->sums), $board->asked, $text);
        $first = $steps[0]->picture;
        $second = $steps[1]->picture;
        self::assertInstanceOf(SetOutPicture::class, $first);
        self::assertInstanceOf(SetOutPicture::class, $second);
        $given = array_map(static fn (GivenLine $one): string => Marked::plain($one->value), $first->given);
        foreach ([...$told->sum()->times(), ...$told->sum()->lengths()] as $value) {
            self::assertContains($value instanceof StatedTime ? $writer->time($value) : $writer->amount(self::usual($value)), $given, $text);
        }
        self::assertNotNull($second->story, $text);
        $dashed = [...array_filter($second->story->pins, static fn (StoryPin $pin): bool => !$pin->known), ...array_filter($second->story->bars, static fn ($bar): bool => !$bar->known)];
        self::assertNotSame([], $dashed, $text);
        self::assertNotNull($first->story, $text);
        self::assertNotContains('?', [...array_column($first->story->pins, 'label'), ...array_column($first->story->bars, 'label')], 'at first only what is known is drawn');
        $answer = $told->sum()->answer();
        if ($answer instanceof TimeAnswer) {
            self::assertContains($answer->time->minutes, array_map(static fn (StoryPin $one): int => $one->at % TimeOfDay::DAY, array_filter($second->story->pins, static fn (StoryPin $pin): bool => !$pin->known)), $text);
        }
        if ($answer instanceof LengthAnswer && 1 === \count($told->sums)) {
            $per = [] === $second->story->ticks ? 600 : 1;
            self::assertContains($answer->amount->duration->minutes(), array_map(static fn ($one): int => intdiv($one instanceof StoryPin ? 0 : $one->to - $one->from, $per), $dashed), $text);
        }
    }

    private static function usual(Amount $amount): Amount
    {
        return Amount::usual($amount->duration);
    }

    /** @return iterable<string, array{Frame}> */
    public static function frames(): iterable
    {
        foreach (Core::get(Stories::class)->all() as $id => $frame) {
            yield $id => [$frame];
        }
    }

    #[DataProvider('sentences')]
    public function testTheQuestionIsTurnedIntoASentence(string $ask, TimeAnswer|LengthAnswer $answer, string $sentence): void
    {
        self::assertSame($sentence, Core::get(AnswerSentence::class)->of($ask, $ask, $answer, Writer::plain()->answer($answer)));
    }

    /** @return iterable<array{string, TimeAnswer|LengthAnswer, string}> by hand */
    public static function sentences(): iterable
    {
        $time = new TimeAnswer(StatedTime::of(TimeOfDay::ofMinutes(675)), 0);
        $length = new LengthAnswer(Amount::minutes(155));
        yield ['At what time does the ferry reach the quay?', $time, 'The ferry reaches the quay at 11:15 a.m.'];
        yield ['When did they leave home?', $time, 'They left home at 11:15 a.m.'];
        yield ['When must the whole crew go?', $time, 'The whole crew must go at 11:15 a.m.'];
        yield ['When is low tide?', $time, 'Low tide is at 11:15 a.m.'];
        yield ['What time is it really?', $time, 'It is really 11:15 a.m.'];
        yield ['When is the lamp put out?', $time, 'The lamp is put out at 11:15 a.m.'];
        yield ['What is the arrival time?', $time, 'It is 11:15 a.m.'];
        yield ['How long does the whole walk take?', $length, 'The whole walk takes 2 h 35 min.'];
        yield ['How long did Jory row altogether?', $length, 'Jory rowed for 2 h 35 min altogether.'];
        yield ['How long do they have to wait?', $length, 'They have to wait for 2 h 35 min.'];
        yield ['How much longer is the way back?', $length, 'The way back is 2 h 35 min longer.'];
        yield ['How much longer does it take in a storm?', $length, 'It takes 2 h 35 min longer in a storm.'];
        yield ['How much time is left?', $length, '2 h 35 min is left.'];
        yield ['How many minutes late is it?', $length, 'It is 2 h 35 min late.'];
        yield ['How long is the market open?', $length, 'The market is open for 2 h 35 min.'];
        yield ['How long is the watch?', $length, 'The watch is 2 h 35 min long.'];
        yield ['And how long, if the wind turns?', $length, 'It is 2 h 35 min.'];
    }

    /** Where it is not sure it asks, with what to choose from, and takes what is put behind in brackets. */
    public function testWhatIsNotSureIsAsked(): void
    {
        $text = 'The ferry leaves at 8:40. The crossing takes two and a half hours. When does it arrive?';
        try {
            Core::get(Workbench::class)->work($text);
            self::fail('It was taken to be sure.');
        } catch (ProblemNotRead $no) {
            self::assertSame('half-missing', $no->reason);
            $told = Core::get(Telling::class)->of($no->read, new Style());
            self::assertNull($told->questions[0]->means);
            self::assertSame(['8:40 a.m. + 2 h 30 min', '8:40 p.m. + 2 h 30 min'], array_map(static fn (ToldSum $one): string => $one->sum, $told->questions[0]->instead));
            self::assertSame(['start', 'lasts'], array_column($told->facts, 'is'));
        }
        $settled = Core::get(Workbench::class)->work($text.' [8:40 p.m. + 2 h 30 min]');
        self::assertSame(['8:40 p.m. + 2 h 30 min', '11:10 p.m.', $text], [$settled->sum, $settled->answer?->text, $settled->told?->text]);
        $end = $settled->methods[0]->steps[\count($settled->methods[0]->steps) - 1];
        self::assertSame('Answer: It arrives at 11:10 p.m.', Marked::plain($end->say));
    }

    public function testWordsAndASumThatDoNotAgreeAreSaid(): void
    {
        $telling = Core::get(Telling::class);
        $text = 'The ferry leaves at 8:40 a.m. and takes 35 minutes. When does it arrive?';
        $sum = static fn (string $line) => Core::get(\Rostik\Core\Notation\SumReader::class)->read($line)->sum;
        self::assertSame([], $telling->text($text, new Style(), $sum('8:40 am + 35 min'))->remarks);
        self::assertSame(['other-sum'], array_column($telling->text($text, new Style(), $sum('8:40 am - 35 min'))->remarks, 'code'));
        self::assertSame('The words mean 8:40 a.m. + 35 min = 9:15 a.m.', $telling->text($text, new Style(), $sum('8:40 am + 30 min'))->remarks[0]->text);
    }

    /** A line that is a sum stays one; what is neither says what is wrong with the sum. */
    public function testASumIsStillASum(): void
    {
        $bench = Core::get(Workbench::class);
        self::assertNull($bench->work('35 minutes before 10:15 am')->told);
        self::assertSame('9:00 a.m. + 20 min', $bench->work('9 am is 20 min before what time?')->sum);
        foreach (['nothing here at all to be read', '1:50 pm + banana and some more words', '8:40 a.m. + 2 h [what]'] as $line) {
            try {
                $bench->work($line);
                self::fail($line.' was read.');
            } catch (NotUnderstood $no) {
                self::assertNotInstanceOf(ProblemNotRead::class, $no, $line);
            }
        }
    }
}
