<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Sheet;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Judging\Judge;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Choice;
use Rostik\Core\Question\Choices;
use Rostik\Core\Question\Scaffold;
use Rostik\Core\Question\Setting;
use Rostik\Core\Sheet\Checking;
use Rostik\Core\Sheet\Warning;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Tests\Core;

final class CheckingTest extends TestCase
{
    /**
     * @param list<string> $sums
     *
     * @return list<list<string>>
     */
    private static function codes(array $sums, ?Level $level): array
    {
        return array_map(
            static fn (array $warnings): array => array_map(static fn (Warning $w): string => $w->code, $warnings),
            Core::get(Checking::class)->warnings($sums, $level),
        );
    }

    public function testWhatIsWorthASecondLook(): void
    {
        $codes = self::codes(...);
        self::assertSame([[], ['alike'], ['twelve'], [], ['twelve']], $codes(['1 h + 2 h', '1 H + 2 hours', '11:15 am + 45 min', 'bananas', '12:45 am - 45 min'], null));
        self::assertSame([['above-level'], [], []], $codes(['3:41 pm + 20 min', '3:40 pm + 20 min', '10:30 pm + 3 h'], Level::Support));
        self::assertSame([[], []], $codes(['3:41 pm + 20 min', '9:20 am to 1:05 pm'], Level::Core));
        $said = static fn (string $sum, Limits $limits, string ...$known): array => array_map(static fn (Warning $w): string => $w->text, Core::get(Checking::class)->warnings([$sum], null, $limits, array_values($known))[0]);
        self::assertSame(['It regroups, though it should not.'], $said('3 h 40 min + 2 h 45 min', new Limits(regroups: false)));
        self::assertSame(['It does not regroup, though it should.'], $said('2 h 30 min + 4 h', new Limits(regroups: true)));
        self::assertSame(['It has single minutes, and fives were wanted.'], $said('2 h 31 min + 4 h', new Limits(fives: true)));
        self::assertSame(['It crosses noon, though it should not.'], $said('9:20 am to 1:05 pm', new Limits(noon: false)));
        self::assertSame(['It crosses midnight, though it should not.'], $said('10:20 pm to 6:05 am', new Limits(midnight: false)));
        self::assertSame(['It crosses the hour, though it should not.'], $said('9:50 am + 20 min', new Limits(hour: false)));
        self::assertSame([], $said('9:10 am + 20 min', new Limits(false, false, false, false, null, false)));
        self::assertSame(['Not yet taught: “I can go across noon.”'], $said('9:20 am to 1:05 pm', Limits::none(), 'how-long-across-hours'));
        self::assertSame([], $said('9:20 am to 1:05 pm', Limits::none(), 'how-long-across-hours', 'across-noon'));
        self::assertSame(['add-regroup', 'how-long-across-hours', 'across-noon'], Core::get(Checking::class)->rungs(['9:20 am to 1:05 pm', 'bananas', '3 h 40 min + 2 h 45 min']));
        self::assertSame('The same as question 1.', Core::get(Checking::class)->warnings(['1 h + 2 h', '1 h + 2 h'], null)[1][0]->text);
        // nothing made for a level is too hard for it
        $forms = Core::get(Forms::class);
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                $sums = array_map(static fn ($s): string => $forms->write($s, Writer::plain()), Core::get(Generator::class)->draw($rung, $level, 12, 2)->sums);
                foreach ($codes($sums, $level) as $i => $found) {
                    if (Setting::Bare === $rung->setting) {
                        self::assertNotContains('above-level', $found, $sums[$i].' for '.$rung->id.', '.$level->value);
                    }
                }
            }
        }
    }

    /** The right answer among those of real mistakes, each of which is judged to come from its mistake. */
    public function testChoicesAreTheRightAnswerAndThoseOfRealMistakes(): void
    {
        $choices = Core::get(Choices::class);
        $judge = Core::get(Judge::class);
        foreach (['6 h 10 min - 3 h 45 min', '3 h 40 min + 2 h 25 min', '1:50 pm + 3 h 30 min', '105 min in h min', '8:37 as words', 'order 9 am, 12:15 pm, 1 pm'] as $text) {
            $sum = Core::get(SumReader::class)->read($text)->sum;
            $four = $choices->for($sum, 4, 7);
            self::assertLessThanOrEqual(4, \count($four));
            self::assertCount(\count($four), array_unique(array_map(static fn (Choice $c): string => $c->text, $four)));
            self::assertCount(1, array_filter($four, static fn (Choice $c): bool => null === $c->mistake), $text);
            foreach ($four as $choice) {
                $judged = $judge->judge($sum, $choice->text);
                self::assertSame(null === $choice->mistake, $judged->verdict->isRight(), $text.': '.$choice->text);
                if (null !== $choice->mistake) {
                    self::assertContains($choice->mistake, $judged->fits);
                }
            }
            self::assertEquals($four, $choices->for($sum, 4, 7), 'the same seed, the same order');
        }
        self::assertSame([], $choices->for(Core::get(SumReader::class)->read('45 min / 3')->sum, 4, 1));
        self::assertSame([], $choices->for(Core::get(SumReader::class)->read('2 h - 3 h')->sum, 4, 1));
        self::assertSame([], $choices->for(Core::get(SumReader::class)->read('1 month in days')->sum, 4, 1));
        self::assertSame([Scaffold::Full, Scaffold::Outline, Scaffold::None], array_map(static fn (Level $level): Scaffold => $level->scaffold(), Level::cases()));
    }
}
