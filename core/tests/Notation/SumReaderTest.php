<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Notation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Misread;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

final class SumReaderTest extends TestCase
{
    #[DataProvider('readable')]
    public function testReadsWhatPeopleWrite(string $typed, string $canonical): void
    {
        self::assertSame($canonical, Core::get(Forms::class)->write(Core::get(SumReader::class)->read($typed)->sum, Writer::plain()));
    }

    /** @return iterable<array{string, string}> */
    public static function readable(): iterable
    {
        yield ['3 h 40 min + 2 h 45 min', '3 h 40 min + 2 h 45 min'];
        yield ['3h40 plus 2h45', '3 h 40 min + 2 h 45 min'];
        yield ['1 h + 2 h + 30 mins', '1 h + 2 h + 30 min'];
        yield ['4 h 5 min take away 3 h 25 min', '4 h 5 min - 3 h 25 min'];
        yield ['3 HOURS 10 MINUTES – 2 hrs', '3 h 10 min - 2 h'];
        yield ['1:50 pm + 3½ hours', '1:50 p.m. + 3 h 30 min'];
        yield ['1.50 p.m. + three and a half hours', '1:50 p.m. + 3 h 30 min'];
        yield ['1:50PM+3.5h', '1:50 p.m. + 3 h 30 min'];
        yield ['three and a half hours after 1:50 pm', '1:50 p.m. + 3 h 30 min'];
        yield ['1:50 pm, 3 h 30 min later', '1:50 p.m. + 3 h 30 min'];
        yield ['one fifty pm plus 3 1/2 hours', '1:50 p.m. + 3 h 30 min'];
        yield ['13:50 + PT3H30M', '13:50 + 3 h 30 min'];
        yield ['1350 + an hour and a quarter', '13:50 + 1 h 15 min'];
        yield ['20:05 hours + three quarters of an hour', '20:05 + 45 min'];
        yield ['0730 to 0915', '07:30 to 09:15'];
        yield ['8 pm + half an hour', '8:00 p.m. + 30 min'];
        yield ['8 o’clock at night + an hour and three quarters', '8:00 p.m. + 1 h 45 min'];
        yield ['1:50 + 20 min', '1:50 + 20 min'];
        yield ['23 minutes to nine + 20 min', '8:37 + 20 min'];
        yield ['twenty-five to nine in the evening + 5 min', '8:35 p.m. + 5 min'];
        yield ['ten past midnight + 5 min', '12:10 a.m. + 5 min'];
        yield ['quarter to one pm + 5 min', '12:45 p.m. + 5 min'];
        yield ['10:15 am - 35 min', '10:15 a.m. - 35 min'];
        yield ['35 minutes before 10.15 am', '10:15 a.m. - 35 min'];
        yield ['noon - 1 h 5 min', '12 noon - 1 h 5 min'];
        yield ['9 in the morning to 4 in the afternoon', '9:00 a.m. to 4:00 p.m.'];
        yield ['how long is it from 9 am until 4 pm?', '9:00 a.m. to 4:00 p.m.'];
        yield ['between 7 am and midday', '7:00 a.m. to 12 noon'];
        yield ['9:20 pm to half past 10 at night', '9:20 p.m. to 10:30 p.m.'];
        yield ['22:50 to 06:15', '22:50 to 06:15'];
        yield ['10:30 to 14:15', '10:30 to 14:15'];
        yield ['12:30 to 14:15', '12:30 to 14:15'];
        yield ['10:30 hours + 20 min', '10:30 hours + 20 min'];
        yield ['1115 to 1205', '11:15 hours to 12:05 hours'];
        yield ['12 noon to 12 midnight', '12 noon to 12 midnight'];
        yield ['12:00 am to 12:00 pm', '12 midnight to 12 noon'];
        yield ['from 10 to 3', '10:00 to 3:00'];
        yield ['9:35 am - 11 am', '9:35 a.m. to 11:00 a.m.'];
        yield ['a fortnight + 3 days', '2 weeks + 3 days'];
        yield ['1 year 4 months + 9 months', '1 year 4 months + 9 months'];
        yield ['2 min 40 s + 35 s', '2 min 40 s + 35 s'];
        yield ['  2 h  -  45 min = ?', '2 h - 45 min'];
        yield ["\u{FEFF}• ３ h ４０ min\u{2009}−\u{00A0}２ h", '3 h 40 min - 2 h'];
        yield ['१ h २० min + 5 min', '1 h 20 min + 5 min'];
        yield ['7) 3 h 40 min + 2 h', '3 h 40 min + 2 h'];
        yield ['0945 hrs + 3 hrs 20 mins', '09:45 + 3 h 20 min'];
        yield ['16.15 hrs - 1 hr 50 min', '16:15 - 1 h 50 min'];
        yield ['14:30h + 20 min', '14:30 + 20 min'];
        yield ['6 at night + 5 min', '6:00 p.m. + 5 min'];
        yield ['quarter to 6 at night + 5 min', '5:45 p.m. + 5 min'];
        yield ['half 3 + 20 min', '3:30 + 20 min'];
        yield ['quarter of five + 20 min', '4:45 + 20 min'];
        yield ['twenty till nine + 20 min', '8:40 + 20 min'];
        yield ['ten after six pm + 5 min', '6:10 p.m. + 5 min'];
        yield ['9am–5pm', '9:00 a.m. to 5:00 p.m.'];
        yield ['9-11:30 am', '9:00 to 11:30 a.m.'];
        yield ['9:15 am for 45 min', '9:15 a.m. + 45 min'];
        yield ['9:40 AM, + 35 MIN', '9:40 a.m. + 35 min'];
        yield ['9:40 am, and 35 min', '9:40 a.m. + 35 min'];
        yield ['1,440 min + 1 h', '1440 min + 1 h'];
        yield ['18 m in years', '18 months in years'];
        yield ['__ h __ min + 45 min = 1 h 50 min', '_ + 45 min = 1 h 50 min'];
        yield ['how much longer is 1 h than 45 min?', '1 h - 45 min'];
        yield ['double 45 min', '2 x 45 min'];
        yield ['Is 2 h longer than 130 min?', '2 h ? 130 min'];
        yield ['is 45 min less than 1 h?', '45 min ? 1 h'];
        yield ['2 h is the same as 120 min', '2 h ? 120 min'];
        yield ['20 min longer than 1 h', '1 h + 20 min'];
        yield ['what is 45 min less than 2 h', '2 h - 45 min'];
        yield ['put these in order starting with the longest: 2 h, 90 min, 100 min', 'order longest first: 2 h, 90 min, 100 min'];
        yield ['put the times in order from last to first: 7 am, 9 am', 'order latest first: 7:00 a.m., 9:00 a.m.'];
        yield ['put the times in order from first to last: 9 am, 7 am', 'order 9:00 a.m., 7:00 a.m.'];
        yield ['last first: 7 am, 9 am', 'order latest first: 7:00 a.m., 9:00 a.m.'];
        yield ['Time taken from 06:30 hours to 14:15 hours', '06:30 to 14:15'];
        yield ['descending order: 7 am, 9 am', 'order latest first: 7:00 a.m., 9:00 a.m.'];
        yield ['order from the shortest to the longest: 2 h, 90 min', 'order 2 h, 90 min'];
        yield ['3 h 20 min after 9:50 a.m. is what time?', '9:50 a.m. + 3 h 20 min'];
        yield ['From 8.20 a.m. to 3.10 p.m. how long is it?', '8:20 a.m. to 3:10 p.m.'];
        yield ['How long is the crossing from 14:35 to 17:10?', '14:35 to 17:10'];
        yield ['it was 9 am 20 min ago. What time is it now?', '9:00 a.m. + 20 min'];
        yield ['20 min ago it was 9 am. What time is it now?', '9:00 a.m. + 20 min'];
        yield ['9 am was 20 min ago', '9:00 a.m. + 20 min'];
        yield ['it is 9 am. What time was it 20 min ago?', '9:00 a.m. - 20 min'];
        yield ['Subtract: 8 h 15 min – 5 h 40 min', '8 h 15 min - 5 h 40 min'];
        yield ['subtract: 20 min from 1 h', '1 h - 20 min'];
        yield ['4 x 25 min in hours and minutes', '4 x 25 min'];
        yield ['how many hours and minutes are there in 150 min?', '150 min in h min'];
        yield ['2 h -- 20 min', '2 h - 20 min'];
    }

    #[DataProvider('refused')]
    public function testSaysWhatIsWrongAndWhere(string $typed, string $reason, int $at): void
    {
        try {
            Core::get(Workbench::class)->work($typed);
            self::fail('It was taken for a sum.');
        } catch (NotUnderstood $no) {
            self::assertSame($reason, $no->reason, $no->getMessage());
            self::assertSame($at, $no->at, $no->getMessage());
            self::assertNotSame('', $no->getMessage());
            // the example is one that works
            self::assertNotNull(Core::get(Workbench::class)->work($no->example)->answer);
        }
    }

    /** @return iterable<array{string, string, int}> */
    public static function refused(): iterable
    {
        yield ['', 'empty', 0];
        yield ['   ', 'empty', 0];
        yield ['2 h + bananas', 'unknown-word', 6];
        yield ['½ bananas + 2 h', 'unknown-word', 2];
        yield ['1:50 pm', 'only-a-time', 7];
        yield ['105 min', 'only-a-length', 7];
        yield ['45 + 20', 'unit-missing', 0];
        yield ['1:50 pm + 20', 'unit-missing', 10];
        yield ['1:50 pm +', 'half-a-sum', 9];
        yield ['3 pm + 4 pm', 'two-times', 5];
        yield ['2 h - 3 pm', 'time-from-length', 4];
        yield ['2 h - 3 h', 'takes-more-than-there-is', 0];
        yield ['13:30 pm + 5 min', 'half-with-24h', 0];
        yield ['5 min after 13:30 pm', 'half-with-24h', 12];
        yield ['24:10 to 3 pm', 'hour-over-23', 0];
        yield ['3:61 pm + 4 min', 'minute-over-59', 0];
        yield ['3:5 pm + 4 min', 'two-digits', 2];
        yield ['1:50:70 pm + 4 min', 'second-over-59', 5];
        yield ['1:50:5 pm + 4 min', 'two-digits', 5];
        yield ['_ + 4 min = 1:50:10 pm', 'not-whole-minutes', 0];
        yield ['9 in the afternoon + 5 min', 'not-that-part-of-the-day', 0];
        yield ['1 month + 3 days', 'months-and-days', 0];
        yield ['1 month 3 days + 2 days', 'months-and-days', 0];
        yield ['1:50 pm + 2 months', 'months-on-the-clock', 0];
        yield ['every 90 s from 1:50 pm', 'not-whole-minutes', 0];
        yield ['every 2 h from 9 am, 100 times', 'too-many-in-a-row', 0];
        yield ['1/7 x 1 min', 'does-not-come-out', 0];
        yield ['9 am + 1 h + 1 h + 1 h + 1 h + 1 h + 1 h + 1 h + 1 h + 1 h', 'too-long-a-chain', 0];
        yield ['1/7 min + 2 min', 'not-whole', 0];
        yield ['2 h 3 h + 1 h', 'unit-twice', 0];
        yield [str_repeat('1 h + ', 60).'1 h', 'too-long', 300];
        yield ["\xff\xfe", 'not-a-sum', 0];
        yield ['99999 years in months', 'too-long-a-length', 0];
        yield ['1 h + 999999 weeks', 'too-long-a-length', 6];
        yield ['1000001 x 1 min', 'too-many-times', 0];
        yield ['100 x 10000 weeks', 'too-long-a-length', 0];
        yield ['70 minutes past 3 + 5 min', 'minutes-past-59', 0];
        yield ['9-5', 'times-or-lengths', 0];
        yield ['2 h / 0 min', 'shared-by-nothing', 0];
        yield ['20 min - -10 min', 'not-a-sum', 0];
        yield ['9 am is 20 min beyond what time?', 'unknown-word', 15];
        yield ['20 min - 40 min + 10 min', 'takes-more-than-there-is', 0];
        yield ['40 min / 15 min', 'does-not-come-out', 0];
        yield ['2:45 + 1:30', 'two-times', 5];
        // places are counted in characters as they were typed, whatever they are made of
        yield ["\u{00A0}３ h + bananas", 'unknown-word', 7];
        yield ['½ h + 2½ bananas', 'unknown-word', 9];
    }

    /** Words that mean nothing, put into lines that are right: each of them is marked, where it stands, and nothing else. */
    public function testAllThatIsNotUnderstoodIsMarked(): void
    {
        $dice = new Randomizer(new Xoshiro256StarStar(33));
        $bench = Core::get(Workbench::class);
        $nonsense = ['bananas', 'kittiwake', 'quickly', 'Zorblax', 'pears', 'wobble', 'Kelpie'];
        $lines = ['1:50 pm + 3 h 30 min', '3 h 35 min + 2 h 45 min', '9:15 am to 4 pm', '4 h 10 min - 1 h 25 min', 'half past three + 20 min', '½ h + 2½ h', "\u{00A0}３ h + 20 min"];
        for ($n = 0; $n < 600; ++$n) {
            $words = explode(' ', $lines[$dice->getInt(0, \count($lines) - 1)]);
            $put = [];
            for ($k = $dice->getInt(1, 4); $k > 0; --$k) {
                $word = $nonsense[$dice->getInt(0, \count($nonsense) - 1)];
                $put[] = $word;
                array_splice($words, $dice->getInt(0, \count($words)), 0, [$word]);
            }
            $typed = implode(' ', $words);
            try {
                $bench->work($typed);
                self::fail($typed.' was taken for a sum.');
            } catch (NotUnderstood $no) {
                if ('unknown-word' !== $no->reason) {
                    // what stood together is torn apart, and that is complained of first
                    self::assertSame([], $no->misread, $typed);

                    continue;
                }
                $marked = array_map(static fn (Misread $one): string => mb_substr($typed, $one->from, $one->until - $one->from), $no->misread);
                self::assertSame(array_values(array_intersect($words, $nonsense)), $marked, $typed);
                self::assertSame(mb_strpos($typed, $marked[0] ?? ''), $no->at, $typed);
                foreach (\array_slice(array_unique($marked), 0, 3) as $word) {
                    self::assertStringContainsStringIgnoringCase('“'.$word.'”', $no->getMessage());
                }
            }
        }
    }

    #[DataProvider('nearly')]
    public function testTheExampleOfARefusalIsTheNearestThingThatWorks(string $typed, string $example, string $says = ''): void
    {
        try {
            Core::get(Workbench::class)->work($typed);
            self::fail('It was taken for a sum.');
        } catch (NotUnderstood $no) {
            self::assertSame($example, $no->example, $no->getMessage());
            self::assertStringContainsString($says, $no->getMessage());
        }
    }

    /** @return iterable<array{0: string, 1: string, 2?: string}> */
    public static function nearly(): iterable
    {
        yield ['2 h 30 mim + 1 h', '2 h 30 min + 1 h', 'Did you mean “min”?'];
        yield ['1:50 pm + 3 hourz', '1:50 pm + 3 hours', 'Did you mean “hours”?'];
        yield ['half pats 3 + 20 min', 'half past 3 + 20 min', '“pats” was not understood. Did you mean “past”?'];
        yield ['1:50 pm + bananas', '1:50 pm + 20 min', '“bananas” was not understood.'];
        yield ['3:61 pm + 4 min', '4:01 p.m. + 4 min'];
        yield ['3:5 pm + 4 min', '3:05 pm + 4 min'];
        yield ['13:30 pm + 5 min', '1:30 p.m. + 5 min'];
        yield ['7 in the afternoon + 5 min', '7:00 p.m. + 5 min', '7:00 is not in the afternoon.'];
        yield ['15:45 in the morning + 5 min', '15:45 + 5 min'];
        yield ['2 h - 3 pm', '3 pm - 2 h'];
        yield ['2 h - 3 h', '3 h - 2 h'];
        yield ['3 pm + 4 pm', '3 pm to 4 pm'];
        yield ['2:45 + 1:30', '2 h 45 min + 1 h 30 min'];
        yield ['02:45 hours + 01:30 hours', '2 h 45 min + 1 h 30 min'];
        yield ['45 + 20', '45 min + 20 min'];
        yield ['6 x 25', '6 x 25 min'];
        yield ['1:50 pm + 2 months', '1:50 pm + 2 h'];
        yield ['99999 years in months', '99 years in months'];
        yield ['70 minutes past 3 + 5 min', '10 minutes past 4 + 5 min'];
    }

    public function testTimesBesideA24HourTimeAreTakenAs24HourAndItSaysSo(): void
    {
        $read = Core::get(SumReader::class)->read('10:30 to 14:15');
        self::assertSame(['read-as-24h'], array_column($read->notes, 'code'));
        self::assertSame([], Core::get(SumReader::class)->read('10:30 am to 2:15 pm')->notes);
    }

    /** Reading what was written gives the same sum: every minute of the day, by both clocks, in later, earlier and elapsed. */
    public function testWritingThenReadingIsTheIdentity(): void
    {
        $forms = Core::get(Forms::class);
        $reader = Core::get(SumReader::class);
        $plain = Writer::plain();
        for ($m = 0; $m < 1440; ++$m) {
            $h = intdiv($m, 60);
            $other = ($m * 7 + 11) % 1440;
            foreach ([
                \sprintf('%02d:%02d + %d min', $h, $m % 60, $m + 1),
                \sprintf('%d:%02d %s - %d h %d min', ($h + 11) % 12 + 1, $m % 60, $h < 12 ? 'am' : 'pm', $h + 1, $m % 60),
                \sprintf('%02d:%02d to %02d:%02d', $h, $m % 60, intdiv($other, 60), $other % 60),
                \sprintf('%d h %d min + %d min', $h, $m % 60, $m),
            ] as $text) {
                $written = $forms->write($reader->read($text)->sum, $plain);
                self::assertSame($written, $forms->write($reader->read($written)->sum, $plain), $text);
                self::assertEquals($reader->read($text)->sum, $reader->read($written)->sum);
            }
        }
    }
}
