<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Mistake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenReader;
use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Verdict;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\Model;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;
use Rostik\Core\Tests\Weighing\Child;

final class CatalogueTest extends TestCase
{
    /** Each mistake speaks to the teacher with caution, helps, and is looked for on some rung of the ladder. */
    public function testTheCatalogueIsWhole(): void
    {
        $ladder = [];
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach ($rung->mistakes as $id) {
                $ladder[$id] = true;
            }
        }
        $ids = [];
        foreach (Core::get(MistakeBook::class)->all() as $mistake) {
            $ids[] = $mistake->id();
            self::assertStringStartsWith('may be ', $mistake->may(), $mistake->id());
            self::assertMatchesRegularExpression('/[.?]$/', $mistake->look(), $mistake->id());
            self::assertNotSame(Model::Written, $mistake->model(), $mistake->id().': something to look at');
            self::assertNotSame([], Core::get(Ladder::class)->lookingFor($mistake->id()), $mistake->id().' is looked for on some rung');
        }
        self::assertCount(57, $ids);
        self::assertSame([], array_values(array_diff(array_keys($ladder), $ids)), 'every mistake that a rung names is in the catalogue');
    }

    /** @param array<string, string> $wanted */
    #[DataProvider('examples')]
    public function testExamples(string $sum, array $wanted): void
    {
        $predicted = array_map(static fn (Given $g): string => $g->text(), Core::get(MistakeBook::class)->predict(Core::get(SumReader::class)->read($sum)->sum));
        ksort($predicted);
        ksort($wanted);
        self::assertSame($wanted, $predicted);
    }

    /** @return iterable<string, array{string, array<string, string>}> worked by hand for this project; every mistake in every kind of sum that it shows in */
    public static function examples(): iterable
    {
        foreach ([
            '1 h 55 min + 2 h 50 min' => ['hundred-minutes' => '4 h 5 min', 'leaves-over-sixty' => '3 h 105 min', 'drops-the-carry' => '3 h 45 min', 'keeps-the-sixty' => '4 h 105 min', 'carries-the-tens' => '13 h 5 min', 'wrong-operation' => '55 min'],
            '3 h 40 min + 2 h 45 min' => ['hundred-minutes' => '5 h 85 min', 'leaves-over-sixty' => '5 h 85 min', 'drops-the-carry' => '5 h 25 min', 'keeps-the-sixty' => '6 h 85 min', 'carries-the-tens' => '13 h 5 min', 'wrong-operation' => '55 min'],
            '1 h 25 min + 10 min' => ['wrong-operation' => '1 h 15 min'],
            '6 h 10 min - 3 h 45 min' => ['hundred-minutes' => '2 h 65 min', 'smaller-from-larger' => '3 h 35 min', 'borrows-without-paying' => '3 h 25 min', 'pays-without-borrowing' => '2 h 35 min', 'zero-when-stuck' => '3 h', 'wrong-operation' => '9 h 55 min'],
            '7 h 12 min - 4 h 19 min' => ['hundred-minutes' => '2 h 93 min', 'smaller-from-larger' => '3 h 7 min', 'borrows-without-paying' => '3 h 53 min', 'borrows-ten' => '2 h 3 min', 'pays-without-borrowing' => '2 h 7 min', 'zero-when-stuck' => '3 h', 'wrong-operation' => '11 h 31 min'],
            '4 h 5 min - 3 h 25 min' => ['hundred-minutes' => '80 min', 'smaller-from-larger' => '1 h 20 min', 'borrows-without-paying' => '1 h 40 min', 'zero-when-stuck' => '1 h', 'wrong-operation' => '7 h 30 min', 'pays-without-borrowing' => '20 min'],
            '3 x 1 h 25 min' => ['drops-the-carry' => '3 h 15 min', 'hundred-minutes' => '3 h 75 min', 'keeps-the-sixty' => '4 h 75 min', 'leaves-over-sixty' => '3 h 75 min', 'only-the-hours' => '3 h 25 min', 'only-the-minutes' => '2 h 15 min'],
            '4 x 45 min' => ['drops-the-carry' => '0 min', 'hundred-minutes' => '1 h 80 min', 'keeps-the-sixty' => '3 h 180 min'],
            '1:50 pm + 3 h 30 min' => ['drops-the-carry' => '4:20 p.m.', 'flips-am-pm' => '5:20 a.m.', 'forgets-first-jump' => '5:10 p.m.', 'forgets-last-jump' => '5:00 p.m.', 'hundred-minutes' => '4:80 p.m.', 'keeps-the-sixty' => '5:80 p.m.', 'leaves-over-sixty' => '4:80 p.m.', 'wrong-operation' => '10:20 a.m.'],
            '9:55 am + 2 h 50 min' => ['drops-the-carry' => '11:45 a.m.', 'forgets-first-jump' => '12:40 p.m.', 'forgets-last-jump' => '12:00 p.m.', 'hundred-minutes' => '12:05 p.m.', 'keeps-am-pm' => '12:45 a.m.', 'keeps-the-sixty' => '12:105 p.m.', 'leaves-over-sixty' => '11:105 a.m.', 'twelve-swap' => '12:45 a.m.', 'wrong-operation' => '7:05 a.m.'],
            '11:15 am + 2 h' => ['keeps-am-pm' => '1:15 a.m.', 'past-twelve' => '13:15 a.m.', 'wrong-operation' => '9:15 a.m.'],
            '12:30 pm + 1 h' => ['twelve-swap' => '1:30 a.m.', 'flips-am-pm' => '1:30 a.m.', 'past-twelve' => '13:30 p.m.', 'wrong-operation' => '11:30 a.m.'],
            '13:50 + 3 h 30 min' => ['drops-the-carry' => '16:20', 'forgets-first-jump' => '17:10', 'forgets-last-jump' => '17:00', 'hundred-minutes' => '16:80', 'keeps-the-sixty' => '17:80', 'leaves-over-sixty' => '16:80', 'wrong-operation' => '10:20'],
            '10:15 am - 35 min' => ['borrows-without-paying' => '10:40 a.m.', 'flips-am-pm' => '9:40 p.m.', 'forgets-first-jump' => '9:55 a.m.', 'forgets-last-jump' => '10:00 a.m.', 'hundred-minutes' => '9:80 a.m.', 'pays-without-borrowing' => '9:20 a.m.', 'smaller-from-larger' => '10:20 a.m.', 'wrong-operation' => '10:50 a.m.'],
            '3:12 pm - 19 min' => ['borrows-ten' => '2:03 p.m.', 'borrows-without-paying' => '3:53 p.m.', 'flips-am-pm' => '2:53 a.m.', 'forgets-first-jump' => '3:05 p.m.', 'forgets-last-jump' => '3:00 p.m.', 'hundred-minutes' => '2:93 p.m.', 'pays-without-borrowing' => '2:07 p.m.', 'smaller-from-larger' => '3:07 p.m.', 'wrong-operation' => '3:31 p.m.'],
            '12:50 pm - 3 h' => ['keeps-am-pm' => '9:50 p.m.', 'twelve-swap' => '9:50 p.m.', 'wrong-operation' => '3:50 p.m.'],
            '9:00 am to 4:00 pm' => ['ignores-am-pm' => '5 h', 'counts-both-ends' => '8 h'],
            '9:00 am to 12 noon' => ['counts-both-ends' => '4 h'],
            '9:40 am to 12:15 pm' => ['borrows-without-paying' => '3 h 35 min', 'forgets-first-jump' => '2 h 15 min', 'forgets-last-jump' => '2 h 20 min', 'hours-from-the-start' => '3 h 35 min', 'hundred-minutes' => '2 h 75 min', 'pays-without-borrowing' => '2 h 25 min', 'smaller-from-larger' => '3 h 25 min', 'twelve-swap' => '14 h 35 min', 'zero-when-stuck' => '3 h'],
            '22:50 to 06:15' => ['borrows-without-paying' => '8 h 25 min', 'forgets-first-jump' => '7 h 15 min', 'forgets-last-jump' => '7 h 10 min', 'hours-from-the-start' => '8 h 25 min', 'hundred-minutes' => '7 h 65 min', 'larger-number-on-top' => '16 h 35 min', 'pays-without-borrowing' => '7 h 35 min', 'smaller-from-larger' => '8 h 35 min', 'zero-when-stuck' => '8 h'],
            '_ + 45 min = 10:20 am' => ['borrows-without-paying' => '10:35 a.m.', 'flips-am-pm' => '9:35 p.m.', 'forgets-first-jump' => '9:55 a.m.', 'forgets-last-jump' => '10:00 a.m.', 'hundred-minutes' => '9:75 a.m.', 'pays-without-borrowing' => '9:25 a.m.', 'smaller-from-larger' => '10:25 a.m.', 'wrong-operation' => '11:05 a.m.'],
            '2 h 25 min in min' => ['hundred-minutes' => '225 min', 'forgets-to-add-on' => '120 min', 'ten-for-everything' => '45 min'],
            '105 min in h min' => ['drops-remainder' => '1 h', 'ten-for-everything' => '10 h 5 min', 'hundred-minutes' => '1 h 5 min'],
            '135 min in h min' => ['hundred-minutes' => '1 h 35 min', 'drops-remainder' => '2 h', 'ten-for-everything' => '13 h 5 min'],
            '4 h in min' => ['hundred-minutes' => '400 min', 'ten-for-everything' => '40 min'],
            '120 min in h' => ['wrong-way' => '7200 h', 'ten-for-everything' => '12 h'],
            '1.5 h in h min' => ['decimal-as-minutes' => '1 h 5 min', 'drops-remainder' => '1 h', 'hundred-minutes' => '1 h 50 min', 'ten-for-everything' => '1 h 5 min'],
            '2.25 h in h min' => ['decimal-as-minutes' => '2 h 25 min', 'drops-remainder' => '2 h', 'hundred-minutes' => '2 h 25 min'],
            '3 h 15 min in h' => ['decimal-as-minutes' => '3.15 h'],
            '90 min in h as a decimal' => ['decimal-as-minutes' => '1.3 h', 'ten-for-everything' => '9 h', 'wrong-way' => '5400 h'],
            '15 min in h' => ['decimal-as-minutes' => '0.15 h', 'wrong-way' => '900 h'],
            '2.5 h in min' => ['decimal-as-minutes' => '125 min', 'hundred-minutes' => '250 min', 'ten-for-everything' => '25 min'],
            '3/4 h in min' => ['hundred-minutes' => '75 min'],
            '1 1/2 h in min' => ['hundred-minutes' => '150 min', 'ten-for-everything' => '15 min'],
            '3 days ? 70 h' => ['number-only' => '<'],
            'order 90 min, 2 h, 100 min' => ['number-only' => '2 h, 90 min, 100 min'],
            'order 12:15 pm, 1:00 pm, 9 am' => ['ignores-am-pm' => '1:00 p.m., 9:00 a.m., 12:15 p.m.', 'twelve-swap' => '12:15 p.m., 9:00 a.m., 1:00 p.m.', 'twelve-biggest' => '9:00 a.m., 1:00 p.m., 12:15 p.m.'],
            'half past 3 as digital' => ['hand-number-as-minutes' => '3:06', 'hour-ahead' => '4:30', 'hundred-minutes' => '3:50', 'next-hour' => '4:30', 'swaps-hands' => '6:15'],
            'quarter to 5 as digital' => ['hand-number-as-minutes' => '4:09', 'hour-ahead' => '5:45', 'hundred-minutes' => '4:75', 'next-hour' => '5:45', 'swaps-hands' => '9:20', 'to-as-past' => '5:15', 'to-this-hour' => '5:45'],
            '20 past 1 as digital' => ['hand-number-as-minutes' => '1:04', 'hour-ahead' => '2:20', 'swaps-hands' => '4:05'],
            '23 minutes to nine as digital' => ['hour-ahead' => '9:37', 'next-hour' => '9:37', 'swaps-hands' => '7:40', 'to-as-past' => '9:23', 'to-this-hour' => '9:37'],
            '8:37 as words' => ['to-as-past' => 'twenty-three minutes past nine', 'to-this-hour' => 'twenty-three minutes to eight'],
            '17:05 as 12h' => ['takes-ten' => '7:05 p.m.', 'past-twelve' => '17:05 p.m.'],
            '00:30 as 12h' => ['twelve-swap' => '12:30 p.m.'],
            '9:15 am as 24h' => ['adds-twelve-always' => '21:15'],
            '12:30 pm as 24h' => ['adds-twelve-always' => '24:30', 'twelve-swap' => '00:30'],
            '1 year 8 months + 9 months' => ['leaves-over-sixty' => '1 year 17 months', 'drops-the-carry' => '1 year 5 months', 'keeps-the-sixty' => '2 years 17 months', 'carries-the-tens' => '2 years 7 months', 'wrong-operation' => '11 months'],
            '12 March 2027 + 3 weeks' => ['thirty-days-each' => '3 April 2027', 'week-as-five' => '27 March 2027'],
            '25 March 2027 + 10 days' => ['counts-both-ends' => '3 April 2027', 'thirty-days-each' => '5 April 2027'],
            '25 February 2028 + 10 days' => ['counts-both-ends' => '5 March 2028', 'forgets-leap-day' => '7 March 2028', 'thirty-days-each' => '5 March 2028'],
            'Friday 4 June + 10 days' => ['counts-both-ends' => 'Sunday 13 June'],
            '3 May 2027 to 21 May 2027 in days' => ['counts-both-ends' => '19 days'],
            '20 May 2027 to 4 June 2027 in weeks and days' => ['counts-both-ends' => '2 weeks 2 days', 'thirty-days-each' => '2 weeks', 'week-as-five' => '3 weeks'],
            '3 May 2027 to 21 May 2027 in days, both ends counted' => [],
            'February 2028 in days' => ['forgets-leap-day' => '28 days', 'thirty-days-each' => '30 days'],
            'leap year 2028' => ['forgets-leap-day' => 'no'],
            'leap year 2100' => ['every-fourth-year' => 'yes'],
            '1 month in days' => [],
            '9:15 am to 11:40' => [],
            '22:50 + 1 h 30 min' => ['drops-the-carry' => '23:20', 'forgets-first-jump' => '00:10', 'forgets-last-jump' => '00:00', 'hundred-minutes' => '23:80', 'keeps-the-sixty' => '00:80', 'leaves-over-sixty' => '23:80', 'past-twenty-four' => '24:20', 'wrong-operation' => '21:20'],
            '12:20 am as 24h' => ['adds-twelve-always' => '24:20', 'keeps-twelve' => '12:20', 'past-twenty-four' => '24:20', 'twelve-swap' => '12:20'],
            '5:05 pm as 24h' => ['adds-ten' => '15:05'],
            '11:20 pm to 1:05 am' => ['borrows-without-paying' => '2 h 45 min', 'forgets-first-jump' => '1 h 5 min', 'forgets-last-jump' => '1 h 40 min', 'hours-from-the-start' => '2 h 45 min', 'hundred-minutes' => '1 h 85 min', 'ignores-am-pm' => '10 h 15 min', 'larger-number-on-top' => '22 h 15 min', 'pays-without-borrowing' => '1 h 15 min', 'smaller-from-larger' => '2 h 15 min', 'zero-when-stuck' => '2 h'],
            '6 h 45 min / 3' => ['only-the-hours' => '2 h 45 min', 'only-the-minutes' => '6 h 15 min'],
            '5 h 20 min / 2' => ['hundred-minutes' => '2 h 60 min', 'only-the-minutes' => '5 h 10 min', 'shares-apart' => '2 h 10 min'],
            '2 days in h' => ['day-as-twelve' => '24 h', 'ten-for-everything' => '20 h'],
            '36 h in days h' => ['day-as-twelve' => '3 days', 'drops-remainder' => '1 day', 'ten-for-everything' => '3 days 6 h'],
            '1 day 8 h + 9 h' => ['day-as-twelve' => '2 days 5 h', 'wrong-operation' => '23 h'],
            '3 days - 5 h' => ['borrows-ten' => '2 days 5 h', 'borrows-without-paying' => '3 days 19 h', 'day-as-twelve' => '2 days 7 h', 'pays-without-borrowing' => '2 days 5 h', 'smaller-from-larger' => '3 days 5 h', 'wrong-operation' => '3 days 5 h', 'zero-when-stuck' => '3 days'],
            '5 weeks in days' => ['ten-for-everything' => '50 days', 'week-as-five' => '25 days'],
            '17 days in weeks days' => ['drops-remainder' => '2 weeks', 'ten-for-everything' => '1 week 7 days', 'week-as-five' => '3 weeks 2 days'],
            'leap year 1900' => ['every-fourth-year' => 'yes'],
            'year 2100 in days' => ['every-fourth-year' => '366 days'],
            'February 2100 in days' => ['every-fourth-year' => '29 days', 'thirty-days-each' => '30 days'],
            '5 past 4 as digital' => ['hand-number-as-minutes' => '4:01', 'hour-ahead' => '5:05', 'numbers-as-they-stand' => '5:04', 'ones-as-tens' => '4:50', 'swaps-hands' => '1:20'],
            '10 to 3 as digital' => ['hand-number-as-minutes' => '2:10', 'hour-ahead' => '3:50', 'next-hour' => '3:50', 'numbers-as-they-stand' => '10:03', 'swaps-hands' => '10:10', 'to-as-past' => '3:10', 'to-this-hour' => '3:50'],
            '8 o\'clock as digital' => ['hand-number-as-minutes' => '8:12', 'sixty-at-the-top' => '8:60', 'swaps-hands' => '12:40'],
            '4:05 as words' => ['numbers-as-they-stand' => 'four minutes past five'],
            '3:25 as words' => ['hundred-minutes' => 'quarter past three'],
            '3:50 as words' => ['hundred-minutes' => 'half past three', 'to-as-past' => 'ten past four', 'to-this-hour' => 'ten to three'],
            'quarter past 3 as digital' => ['hand-number-as-minutes' => '3:03', 'hour-ahead' => '4:15', 'hundred-minutes' => '3:25'],
            '90 min ? 2 h' => ['number-only' => '>'],
            '1.5 h ? 80 min' => ['decimal-as-minutes' => '<', 'number-only' => '<'],
            '2 h 15 min ? 100 min' => ['number-only' => '<'],
            '10:15 am + 5 min' => ['wrong-operation' => '10:10 a.m.'],
            'order 1 h 50 min, 100 min, 2 h' => ['number-only' => '1 h 50 min, 2 h, 100 min'],
        ] as $sum => $wanted) {
            yield $sum => [$sum, $wanted];
        }
    }

    /**
     * Thousands of drawn sums: what each mistake leads to is never the right answer, never judged right, reads as it is
     * written, and is what an independent statement of the rules says; where that says nothing, nothing is predicted.
     */
    public function testEveryPredictionAgreesWithTheRulesStatedApart(): void
    {
        $book = Core::get(MistakeBook::class);
        $judge = Core::get(Judge::class);
        $reader = new GivenReader();
        $forms = Core::get(Forms::class);
        $plain = Writer::plain();
        $count = 0;
        $shown = [];
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                foreach (Core::get(Generator::class)->draw($rung, $level, Setting::Told === $rung->setting || 'twenty-four-hour' === $rung->id ? 200 : 50, 11)->questions as $question) {
                    ++$count;
                    $sum = $question->sum;
                    $words = $question->wording;
                    $text = '' === $words ? $forms->write($sum, $plain) : $words.' ['.$forms->write($sum, $plain).']';
                    $predicted = $book->predict($sum, words: $words);
                    $right = Child::write($text, null);
                    self::assertNotNull($right, $text);
                    self::assertTrue($judge->judge($sum, $right, $predicted)->verdict->isRight(), $text.' is '.$right);
                    foreach ($book->all() as $mistake) {
                        $child = Child::write($text, $mistake->id());
                        $child = $child === $right ? null : $child;
                        $given = $predicted[$mistake->id()] ?? null;
                        self::assertSame(null === $child, null === $given, $mistake->id().' in '.$text.': '.($child ?? 'nothing').' beside '.($given?->text() ?? 'nothing'));
                        if (null === $given || null === $child) {
                            continue;
                        }
                        $shown[$mistake->id()] = true;
                        $read = $reader->read($child, $sum);
                        self::assertTrue(null !== $read && $given->says($read), $mistake->id().' in '.$text.': '.$child.' beside '.$given->text());
                        $judged = $judge->judge($sum, $given->text(), $predicted);
                        self::assertSame(Verdict::Wrong, $judged->verdict, $mistake->id().' in '.$text.': '.$given->text());
                        self::assertContains($mistake->id(), $judged->fits, $text.': '.$given->text());
                    }
                }
            }
        }
        self::assertGreaterThan(4000, $count);
        self::assertSame([], array_diff(array_map(static fn ($m): string => $m->id(), $book->all()), array_keys($shown)), 'every mistake shows in some sum');
    }
}
