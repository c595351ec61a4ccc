<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Practice;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\HalfSigns;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Practice\NoOffer;
use Rostik\Core\Practice\Offer;
use Rostik\Core\Practice\Offering;
use Rostik\Core\Practice\Proposal;
use Rostik\Core\Practice\Setter;
use Rostik\Core\Practice\Signal;
use Rostik\Core\Practice\Usual;
use Rostik\Core\Practice\Why;
use Rostik\Core\Question\Form\Hands;
use Rostik\Core\Question\Manner;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Time\Weekday;
use Rostik\Core\Timetable\Island;
use Rostik\Core\Timetable\TableAsking;

final class OfferingTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function rungs(): iterable
    {
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            if (Setting::Table !== $rung->setting) {
                yield $rung->id => [$rung->id];
            }
        }
    }

    /** Every rung at every level, in every form that comes in turn, for classes that write differently. */
    #[DataProvider('rungs')]
    public function testEveryQuestionCanBeAnsweredAndWhatIsSaidAtOnceIsWhatIsSaidLater(string $rung): void
    {
        $setter = Core::get(Setter::class);
        $offering = Core::get(Offering::class);
        $forms = [];
        foreach ([new Style(), new Style(halves: HalfSigns::Small, nameTwelve: false), new Style(always24: true)] as $style) {
            foreach (Level::cases() as $level) {
                for ($turn = 0; $turn < 4; ++$turn) {
                    $proposal = new Proposal($rung, $level, 0 === $turn % 2 ? Why::Learning : Why::Older, 0.8, $turn);
                    $question = $setter->question($proposal, [], $style, [], 100 * $turn + 7);
                    if (null === $question) {
                        continue;
                    }
                    $manner = Setter::manner($proposal, $style, []);
                    $offer = $offering->of($question, $manner, $turn + 1);
                    $forms[$offer->form->id()] = true;
                    $this->isSound($offer, static fn (string $written) => $offering->react($question, $manner, $turn + 1, $written));
                }
            }
        }
        self::assertNotSame([], $forms);
    }

    /** @param \Closure(string): \Rostik\Core\Practice\Reaction $react */
    private function isSound(Offer $offer, \Closure $react): void
    {
        $said = array_map(static fn (Usual $one): string => $one->reaction->say, $offer->usual);
        $right = array_values(array_filter($offer->usual, static fn (Usual $one): bool => Signal::Right === $one->reaction->signal));
        self::assertNotSame([], $right, 'the right answer is among the usual ones of '.Marked::plain($offer->asked).' '.json_encode($offer->usual, \JSON_UNESCAPED_UNICODE));
        self::assertNotSame([], $offer->steps);
        foreach ($offer->usual as $one) {
            self::assertEquals($react($one->text), $one->reaction, $one->text.' for '.Marked::plain($offer->asked));
            self::assertNotSame(Signal::Unclear, $one->reaction->signal, $one->text);
            self::assertSame(Signal::Right === $one->reaction->signal, '' === $one->reaction->say);
            self::assertTrue(null === $one->reaction->mistake || Signal::Look === $one->reaction->signal);
            self::assertSame($offer->form instanceof Hands, null !== $one->hands);
        }
        // no cause is named to a child
        $book = Core::get(MistakeBook::class);
        foreach ($said as $say) {
            self::assertStringNotContainsString('may be', $say);
        }
        foreach (array_filter(array_map(static fn (Usual $one): ?string => $one->reaction->mistake, $offer->usual)) as $mistake) {
            self::assertNotContains($book->mistake($mistake)->may(), $said);
        }
        // and the right answer can be given with the keys there are
        $pad = $offer->pad;
        if ([] === $pad->choose && [] === $pad->order && !$offer->form instanceof Hands) {
            $typed = str_replace(['12 noon', '12 midnight'], '', $right[0]->text);
            $left = str_replace([...$this->longestFirst($pad->keys), ...($pad->digits ? array_map(strval(...), range(0, 9)) : []), ' '], '', strtr($typed, ['day ' => 'days ', 'week ' => 'weeks ']).' ');
            // a unit may stand in the singular, and the day of the week need not be said
            $left = str_replace([...array_map(Weekday::name(...), range(1, 7)), 'day', 'week', 'month', 'year', 'minute'], '', $left);
            self::assertSame('', str_replace(['-', 's'], '', $left), $right[0]->text.' with '.implode(' ', $pad->keys));
        }
    }

    /**
     * @param list<string> $keys
     *
     * @return list<string>
     */
    private function longestFirst(array $keys): array
    {
        usort($keys, static fn (string $a, string $b): int => \strlen($b) <=> \strlen($a));

        return $keys;
    }

    public function testWhatIsHalfRightIsAskedForAndNotMarkedWrong(): void
    {
        $offering = Core::get(Offering::class);
        $question = new Question(Later::of(StatedTime::of(TimeOfDay::ofMinutes(10 * 60 + 35)), Amount::minutes(160)));
        foreach (['1:15 p.m.' => Signal::Right, '1:15' => Signal::Ask, '13:15' => Signal::Ask, '1:15 a.m.' => Signal::Look, '12:95' => Signal::Look, 'soon' => Signal::Unclear, '' => Signal::Unclear] as $written => $signal) {
            self::assertSame($signal, $offering->react($question, new Manner(), 1, $written)->signal, $written);
        }
        self::assertSame('Nearly. Is it a.m. or p.m.?', $offering->react($question, new Manner(), 1, '1:15')->say);
        self::assertStringContainsString('like this: 8:20 a.m.', str_replace('8:20 a.m', '8:20 a.m.', rtrim($offering->react($question, new Manner(), 1, 'soon')->say, '.')));
    }

    public function testEveryKindOfQuestionAboutATimetableIsAnswered(): void
    {
        $offering = Core::get(Offering::class);
        $asking = Core::get(TableAsking::class);
        $table = Core::get(Island::class)->table('pintail-winter-out');
        $asked = 0;
        foreach ($asking->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                foreach ($asking->forRung($rung, $table, $level, 8, 5) as $line) {
                    $question = $asking->ask($line->write(), $table, Writer::marked(new Style()));
                    $offer = $offering->ofTable($question, new Style());
                    self::assertSame(Signal::Right, $offer->usual[0]->reaction->signal, $offer->asked);
                    foreach (\array_slice($offer->usual, 1) as $wrong) {
                        self::assertSame(Signal::Look, $wrong->reaction->signal, $offer->asked.' '.$wrong->text);
                        self::assertNotNull($wrong->reaction->mistake);
                        self::assertEquals($wrong->reaction, $offering->reactToTable($question, $wrong->text, new Style()));
                    }
                    self::assertSame(Signal::Unclear, $offering->reactToTable($question, 'soon', new Style())->signal);
                    ++$asked;
                }
            }
        }
        self::assertGreaterThan(60, $asked);
    }

    public function testTimesAndLengthsHaveTheirColoursWhereverTheyStand(): void
    {
        $sum = Later::of(StatedTime::of(TimeOfDay::ofMinutes(10 * 60 + 35)), Amount::minutes(25));
        $asked = static fn (string $words): string => Core::get(Offering::class)->of(new Question($sum, $words), new Manner(), 1)->asked;
        self::assertSame('Low water is at {h:10}:{m:35} {x:a.m.}, and the walk takes {m:25 minutes}. When is it over?', $asked('Low water is at 10:35 a.m., and the walk takes 25 minutes. When is it over?'));
        self::assertSame('It begins at {h:10}:{m:35} {x:a.m.} and takes {m:25 min}, not 110:35 a.m. When is it over?', $asked('It begins at 10:35 a.m. and takes 25 min, not 110:35 a.m. When is it over?'));
    }

    public function testHandsAreReadAsTheyStand(): void
    {
        $offering = Core::get(Offering::class);
        $question = new Question(Later::of(StatedTime::of(TimeOfDay::ofMinutes(10 * 60 + 35)), Amount::minutes(40)), answers: Hands::TYPE);
        $react = static fn (string $set) => $offering->react($question, new Manner(), 1, $set);
        // 11:15: the hour hand a quarter of the way from 11 to 12
        self::assertSame(Signal::Right, $react('hands 337.5 90 a.m.')->signal);
        self::assertSame(Signal::Right, $react('hands 334 91.5 a.m.')->signal);
        self::assertSame(Signal::Ask, $react('hands 337.5 90')->signal);
        self::assertSame(Signal::Look, $react('hands 337.5 90 p.m.')->signal);
        self::assertSame(Signal::Look, $react('hands 330 90 a.m.')->signal, 'an hour hand that points at 11 at a quarter past is out');
        self::assertSame(Signal::Look, $react('hands 90 337.5 a.m.')->signal);
        self::assertSame(Signal::Unclear, $react('hands over')->signal);
    }

    public function testWhatHasNoOneAnswerIsNotPractised(): void
    {
        $this->expectException(NoOffer::class);
        Core::get(Offering::class)->of(new Question(Elapsed::of(StatedTime::open(11, 30), StatedTime::open(2, 15))), new Manner(), 1);
    }

    public function testAnythingAtAllIsAnswered(): void
    {
        $offering = Core::get(Offering::class);
        $question = new Question(Later::of(StatedTime::of(TimeOfDay::ofMinutes(600)), Amount::minutes(40)));
        foreach (["\0", str_repeat('9', 5000), 'hands 1e999 3', 'hands 999999999999 0', "\xff\xfe", '{h:1}', '🕙', str_repeat(':', 300), '-1:-1', '10:40 a.m. 10:40 a.m.'] as $written) {
            self::assertNotSame(Signal::Right, $offering->react($question, new Manner(), 1, $written)->signal);
        }
    }
}
