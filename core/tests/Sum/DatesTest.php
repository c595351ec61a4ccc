<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Sum;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Method\MethodBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\DateMove;
use Rostik\Core\Sum\DatesApart;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\NoSuchDate;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\Unit;
use Rostik\Core\Work\Workbench;

/** Dates: every day from 1900 to 2199 against PHP's DateTimeImmutable and ICU (intl), and what published calendars say. */
final class DatesTest extends TestCase
{
    public function testEveryDayOfThreeHundredYears(): void
    {
        $day = new \DateTimeImmutable('1900-01-01 UTC');
        $number = CalendarDate::of(1900, 1, 1)->number();
        self::assertSame(intdiv($day->getTimestamp(), 86400), $number);
        $last = '';
        for (; $day->format('Y') < '2200'; $day = $day->modify('+1 day'), ++$number) {
            [$year, $month, $dom, $weekday, $days, $leap] = explode(' ', $day->format('Y n j N t L'));
            $date = CalendarDate::ofNumber($number);
            if ($date->year !== (int) $year || $date->month !== (int) $month || $date->day !== (int) $dom || $date->number() !== $number || $date->weekday() !== (int) $weekday
                || CalendarDate::daysIn($date->year, $date->month) !== (int) $days || CalendarDate::isLeap($date->year) !== ('1' === $leap)) {
                self::fail($day->format('Y-m-d').' is not '.$date->iso());
            }
            $last = $date->iso();
        }
        self::assertSame('2199-12-31', $last);
    }

    /** ICU reckons for itself, and not by PHP's tables. */
    public function testAgreesWithIcu(): void
    {
        $icu = new \IntlGregorianCalendar('UTC', 'en_GB');
        // the Gregorian calendar for all time, as it is reckoned here
        $icu->setGregorianChange(-1e17);
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(3));
        for ($i = 0; $i < 20_000; ++$i) {
            $date = CalendarDate::ofNumber($chance->getInt(-140_000, 2_900_000));
            $icu->clear();
            $icu->set($date->year, $date->month - 1, $date->day, 12, 0);
            self::assertSame($date->number(), (int) floor($icu->getTime() / 86_400_000), $date->iso());
            self::assertSame($date->weekday(), ($icu->get(\IntlCalendar::FIELD_DAY_OF_WEEK) + 5) % 7 + 1, $date->iso());
            self::assertSame(CalendarDate::isLeap($date->year), $icu->isLeapYear($date->year));
            self::assertSame(CalendarDate::daysIn($date->year, $date->month), $icu->getActualMaximum(\IntlCalendar::FIELD_DAY_OF_MONTH));
        }
    }

    /** Dates and their days of the week as histories and almanacs print them; quoted from memory. */
    public function testPublishedDays(): void
    {
        foreach (['1969-07-20' => 'Sunday', '1900-01-01' => 'Monday', '2000-01-01' => 'Saturday', '1912-04-15' => 'Monday', '1989-11-09' => 'Thursday', '1815-06-18' => 'Sunday', '1666-09-12' => 'Sunday', '2100-03-01' => 'Monday', '1583-01-01' => 'Saturday'] as $date => $weekday) {
            self::assertSame($weekday, Core::get(Workbench::class)->answer($date.' as weekday')->answer?->text, $date);
        }
        // the Gregorian calendar: Inter gravissimas, 1582, as every almanac has it
        foreach ([1600 => 'yes', 1700 => 'no', 1800 => 'no', 1900 => 'no', 2000 => 'yes', 2024 => 'yes', 2026 => 'no', 2100 => 'no', 2400 => 'yes'] as $year => $leap) {
            self::assertSame($leap, Core::get(Workbench::class)->answer('leap year '.$year)->answer?->text, (string) $year);
        }
    }

    /** Days and weeks later, earlier and between, in every method, against DateTimeImmutable. */
    public function testMovesAndDifferences(): void
    {
        $book = Core::get(MethodBook::class);
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(9));
        $marked = Writer::marked();
        $methods = [];
        for ($i = 0; $i < 6000; ++$i) {
            $start = CalendarDate::ofNumber($chance->getInt(-25_567, 84_005));
            $weeks = $chance->getInt(0, 1) * $chance->getInt(1, $i < 5000 ? 8 : 60);
            $days = 0 === $weeks ? $chance->getInt(1, $i < 5000 ? 60 : 400) : 0;
            $length = Amount::of(AmountPart::whole(0 === $weeks ? $days : $weeks, 0 === $weeks ? Unit::Day : Unit::Week));
            $later = 0 === $i % 2;
            $sum = $later ? DateMove::later(StatedDate::of($start), $length) : DateMove::earlier(StatedDate::of($start), $length);
            $end = (new \DateTimeImmutable($start->iso().' UTC'))->modify(($later ? '+' : '-').(7 * $weeks + $days).' days');
            self::assertSame($end->format('Y-m-d'), $sum->answer()->value());
            [$from, $to] = $later ? [$start->iso(), $end->format('Y-m-d')] : [$end->format('Y-m-d'), $start->iso()];
            $apart = DatesApart::of(self::stated($from), self::stated($to), 0 === $i % 3, 0 === $i % 5);
            self::assertSame((int) (new \DateTimeImmutable($from))->diff(new \DateTimeImmutable($to))->days, $apart->days());
            foreach ([$sum, $apart] as $one) {
                foreach ($book->work($one, $marked) as $working) {
                    $methods[$working->method->id()] = true;
                    self::assertTrue($working->answer->equals($one->answer()), $working->method->id().': '.$from.' '.$to);
                    foreach ($working->steps as $step) {
                        self::assertMatchesRegularExpression('/[.!?]$/', $step->say);
                    }
                }
            }
        }
        ksort($methods);
        self::assertSame(['days-line', 'month-page'], array_keys($methods));
    }

    private static function stated(string $iso): StatedDate
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $iso));

        return StatedDate::stated($year, $month, $day);
    }

    /** @return iterable<string, array{string, string, string}> as people write them, set down before the reader: what is typed, how it is kept, its answer */
    public static function lines(): iterable
    {
        foreach ([
            ['12 March 2027 + 3 weeks', '12 March 2027 + 3 weeks', '2 April 2027'],
            ['12th of March, 2027 plus 3 weeks', '12 March 2027 + 3 weeks', '2 April 2027'],
            ['March 12, 2027 + 3 weeks', '12 March 2027 + 3 weeks', '2 April 2027'],
            ['2027-03-12 + 3 weeks', '12 March 2027 + 3 weeks', '2 April 2027'],
            ['what date is 3 weeks after 12 Mar 2027?', '12 March 2027 + 3 weeks', '2 April 2027'],
            ['three weeks from 12 March 2027', '12 March 2027 + 3 weeks', '2 April 2027'],
            ['Friday 4 June + 10 days', 'Friday 4 June + 10 days', 'Monday 14 June'],
            ['Fri 4 June, 10 days later', 'Friday 4 June + 10 days', 'Monday 14 June'],
            ['10 days before 4 June 2027', '4 June 2027 - 10 days', '25 May 2027'],
            ['4 June 2027 − a fortnight', '4 June 2027 - 2 weeks', '21 May 2027'],
            ['30 Dec 2027 + 2 weeks 3 days', '30 December 2027 + 2 weeks 3 days', '16 January 2028'],
            ['28/2/2028 + 1 day', '28 February 2028 + 1 day', '29 February 2028'],
            ['31 January 2027 + 2 months', '31 January 2027 + 2 months', '31 March 2027'],
            ['12 March 2027 + 1 year', '12 March 2027 + 1 year', '12 March 2028'],
            ['5 November + 10 days', '5 November + 10 days', '15 November'],
            ['3 May 2027 to 21 May 2027 in days', '3 May 2027 to 21 May 2027 in days', '18 days'],
            ['3 May to 21 May 2027', '3 May 2027 to 21 May 2027 in days', '18 days'],
            ['how many days is it from 3 May 2027 to 21 May 2027?', '3 May 2027 to 21 May 2027 in days', '18 days'],
            ['days between 3 May 2027 and 21 May 2027', '3 May 2027 to 21 May 2027 in days', '18 days'],
            ['how many weeks and days are there from 3 May 2027 to 21 May 2027', '3 May 2027 to 21 May 2027 in weeks and days', '2 weeks 4 days'],
            ['3 May 2027 to 21 May 2027, both days counted', '3 May 2027 to 21 May 2027 in days, both ends counted', '19 days'],
            ['3 May 2027 to 21 May 2027 inclusive', '3 May 2027 to 21 May 2027 in days, both ends counted', '19 days'],
            ['20 December to 5 January in days', '20 December to 5 January in days', '16 days'],
            ['20 Dec 2027 - 5 Jan 2028', '20 December 2027 to 5 January 2028 in days', '16 days'],
            ['2027-03-12 as weekday', '12 March 2027 as weekday', 'Friday'],
            ['what day of the week is 12 March 2027?', '12 March 2027 as weekday', 'Friday'],
            ['on which day does 12 March 2027 fall?', '12 March 2027 as weekday', 'Friday'],
            ['what day was 20 July 1969', '20 July 1969 as weekday', 'Sunday'],
            ['how many days are there in February 2028', 'February 2028 in days', '29 days'],
            ['April in days', 'April in days', '30 days'],
            ['how many days has September?', 'September in days', '30 days'],
            ['year 2028 in days', 'year 2028 in days', '366 days'],
            ['is 2100 a leap year?', 'leap year 2100', 'no'],
            ['leap year 2028?', 'leap year 2028', 'yes'],
            ['order 3 May 2027, 12 March 2027, 1 January 2028', 'order 3 May 2027, 12 March 2027, 1 January 2028', '12 March 2027, 3 May 2027, 1 January 2028'],
            ['put in order, latest first: 3 May, 12 March and 4 June', 'order latest first: 3 May, 12 March, 4 June', '4 June, 3 May, 12 March'],
            ['13/3/2027 as weekday', '13 March 2027 as weekday', 'Saturday'],
            ['Wed 12 May 2027 to Fri 21 May 2027', 'Wednesday 12 May 2027 to Friday 21 May 2027 in days', '9 days'],
        ] as $line) {
            yield $line[0] => $line;
        }
    }

    #[DataProvider('lines')]
    public function testReadsWhatPeopleWrite(string $typed, string $kept, string $answer): void
    {
        $worked = Core::get(Workbench::class)->work($typed);
        self::assertSame($kept, $worked->sum);
        self::assertSame($answer, $worked->answer?->text);
        self::assertSame($kept, Core::get(Workbench::class)->work($kept)->sum);
        self::assertNotSame([], $worked->methods);
    }

    /** Where the day and the month could be either, or February decides, it is asked. */
    public function testAsksWhatItCannotKnow(): void
    {
        $bench = Core::get(Workbench::class);
        $worked = $bench->work('5/6/2027 + 10 days');
        self::assertNull($worked->answer);
        self::assertSame(['15 June 2027', '16 May 2027'], array_map(static fn ($reading): string => $reading->answer->text, $worked->readings));
        $worked = $bench->work('20 February + 10 days');
        self::assertSame(['2 March 2027', '1 March 2028'], array_map(static fn ($reading): string => $reading->answer->text, $worked->readings));
        self::assertSame('depends-on-the-year', $worked->open?->code);
        self::assertSame('depends-on-the-year', $bench->work('February in days')->open?->code);
        self::assertSame('depends-on-the-year', $bench->work('20 February to 3 March in days')->open?->code);
    }

    /** @return iterable<string, array{string, string}> what is typed, and a part of why it is refused */
    public static function refused(): iterable
    {
        yield 'no such day' => ['31 April 2027 + 1 day', 'April has 30 days'];
        yield 'no leap year' => ['29 February 2027 + 1 day', 'February has 28 days in 2027'];
        yield 'another day of the week' => ['Monday 4 June 2027 + 1 day', 'is a Friday, not a Monday'];
        yield 'hours' => ['4 June 2027 + 3 h', 'whole days'];
        yield 'no such month' => ['2027-13-01 as weekday', 'twelve months'];
        yield 'no such day a month on' => ['31 January 2027 + 1 month', 'February has 28 days'];
        yield 'before there was the calendar' => ['4 June 1400 as weekday', '1583'];
        yield 'too far' => ['4 June 2027 + 450000 days', '9999'];
        yield 'without its year' => ['4 June as weekday', 'which one'];
        yield 'an end before the start' => ['21 May 2027 to 3 May 2027', 'before the first'];
        yield 'nothing that is asked' => ['4 June 2027 quickly', 'a date'];
        yield 'some with their year' => ['order 3 May 2027, 12 March', 'which one'];
    }

    #[DataProvider('refused')]
    public function testRefusesKindlyWithAnExampleThatWorks(string $typed, string $why): void
    {
        try {
            Core::get(Workbench::class)->work($typed);
            self::fail($typed.' was worked.');
        } catch (NotUnderstood $no) {
            self::assertStringContainsString($why, $no->getMessage());
            self::assertNotNull(Core::get(Workbench::class)->work($no->example)->answer);
        }
    }

    public function testOtherWaysOfWriting(): void
    {
        $style = new \Rostik\Core\Notation\Style(monthFirst: true);
        $worked = Core::get(Workbench::class)->work('Friday 4 June 2027 + 10 days', $style);
        self::assertSame('Monday, June 14, 2027', $worked->answer?->text);
        self::assertSame('Friday 4 June 2027 + 10 days', $worked->sum, 'it is kept in one way');
        $forms = Core::get(Forms::class);
        $reader = Core::get(SumReader::class);
        foreach (self::lines() as [$typed, $kept]) {
            $written = $forms->write($reader->read($typed)->sum, Writer::plain($style));
            self::assertSame($kept, $forms->write($reader->read($written)->sum, Writer::plain()), $written);
        }
    }

    public function testThereAreNoOtherDates(): void
    {
        foreach ([[2027, 2, 29], [2100, 2, 29], [2027, 4, 31], [2027, 0, 1], [2027, 13, 1], [2027, 1, 0], [1582, 12, 31], [10_000, 1, 1]] as [$year, $month, $day]) {
            try {
                CalendarDate::of($year, $month, $day);
                self::fail(\sprintf('%d-%d-%d is no date.', $year, $month, $day));
            } catch (NoSuchDate $none) {
                self::assertNotSame('', $none->getMessage());
            }
        }
    }
}
