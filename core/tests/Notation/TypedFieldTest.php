<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Notation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\HalfSigns;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\TypedField;
use Rostik\Core\Time\CalendarDate;

/** Days and times as they are typed into forms; days are held against PHP's own calendar. */
final class TypedFieldTest extends TestCase
{
    private const TODAY = '2026-12-01';

    public function testEveryDayOfTheYearsAroundIsReadInEveryUsualWay(): void
    {
        $field = new TypedField();
        $american = new TypedField(new Style(monthFirst: true));
        for ($day = new \DateTimeImmutable('2024-01-01'); $day < new \DateTimeImmutable('2029-01-01'); $day = $day->modify('+1 day')) {
            $is = $day->format('Y-m-d');
            foreach (['j F Y', 'jS F Y', 'l j F Y', 'D, j M Y', 'F j, Y', 'M j Y', 'Y-m-d', 'j/n/Y', 'd.m.Y', 'j-n-y', '\t\h\e jS \o\f F Y'] as $way) {
                self::assertSame($is, $this->day($field, $day->format($way)), $day->format($way));
            }
            foreach (['n/j/Y', 'm/d/y', 'n-j-Y'] as $way) {
                self::assertSame($is, $this->day($american, $day->format($way)), $day->format($way));
            }
            // as it is written, it is read
            [$year, $month, $number] = array_map(intval(...), explode('-', $is));
            foreach ([$field, $american] as $one) {
                self::assertSame($is, $this->day($one, $one->writtenDay(CalendarDate::of($year, $month, $number))));
            }
        }
    }

    public function testADayWithoutItsYearIsTheNearest(): void
    {
        $today = new \DateTimeImmutable(self::TODAY);
        for ($by = -182; $by <= 182; ++$by) {
            $day = $today->modify($by.' days');
            foreach (['j F', 'l j F', 'j/n', 'd.m.', 'M jS'] as $way) {
                self::assertSame($day->format('Y-m-d'), $this->day(new TypedField(), $day->format($way)), $day->format($way));
            }
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function said(): iterable
    {
        // 1 December 2026 is a Tuesday
        foreach ([
            'today' => '2026-12-01', 'Tomorrow' => '2026-12-02', 'yesterday' => '2026-11-30',
            'Friday' => '2026-12-04', 'on friday' => '2026-12-04', 'tuesday' => '2026-12-01', 'Mon' => '2026-12-07',
            'next tuesday' => '2026-12-08', 'next Fri' => '2026-12-04', 'last friday' => '2026-11-27', 'last Tuesday' => '2026-11-24',
            '26' => '2026-11-26', '5th' => '2026-12-05', 'the 20th' => '2026-11-20', 'the 10th' => '2026-12-10', '31' => '2026-12-31', '16' => '2026-12-16',
            '29 February' => '2028-02-29', '13/30' => '', '25/12' => '2026-12-25', '12/25' => '2026-12-25', '3 Jan' => '2027-01-03',
            'Thursday 31 December' => '2026-12-31', '1.6.' => '2027-06-01', '2.6.' => '2026-06-02', '2 June' => '2026-06-02', '1 June' => '2027-06-01', '30 May' => '2027-05-30',
        ] as $typed => $is) {
            yield 'typed '.$typed => [(string) $typed, $is];
        }
    }

    #[DataProvider('said')]
    public function testWhatIsLeftOutIsAsInASchool(string $typed, string $is): void
    {
        self::assertSame($is, $this->day(new TypedField(), $typed));
    }

    /** @return iterable<string, array{string}> */
    public static function noDays(): iterable
    {
        foreach (['', ' ', 'soon', '31 November', '30.2.', '29/2/2027', '0', '32', '0/0', 'Friday 26 November 2026', '2026-13-01', 'half past 2', '1/2/3/4', '🐚', str_repeat('9', 500), "\xff\xfe", '99/99/9999', 'next week', 'year 2026'] as $i => $typed) {
            yield $i.' '.mb_substr(mb_scrub($typed), 0, 20) => [$typed];
        }
    }

    #[DataProvider('noDays')]
    public function testWhatIsNoDaySaysWhyAndShowsOne(string $typed): void
    {
        try {
            (new TypedField())->day($typed, CalendarDate::of(2026, 12, 1));
            self::fail($typed.' was taken for a day.');
        } catch (NotUnderstood $not) {
            self::assertNotSame('', $not->getMessage());
            self::assertLessThan(160, mb_strlen($not->getMessage()));
            self::assertSame('2026-11-26', $this->day(new TypedField(), $not->example));
        }
    }

    public function testEveryMinuteIsReadAsItIsWritten(): void
    {
        foreach ([new Style(), new Style(HalfSigns::cases()[1]), new Style(always24: true), new Style(always24: true, leadingNought: false), new Style(nameTwelve: false)] as $style) {
            $field = new TypedField($style);
            for ($minutes = 0; $minutes < 1440; ++$minutes) {
                $hour = intdiv($minutes, 60);
                $digits = \sprintf('%02d', $minutes % 60);
                self::assertSame($minutes, $field->time($field->writtenTime($minutes)), $field->writtenTime($minutes));
                // as it is kept: with two digits of the hour it is the 24-hour clock's
                self::assertSame($minutes, $field->time(\sprintf('%02d:%s', $hour, $digits)), "$hour:$digits");
                $half = $hour < 12 ? 'am' : 'pm';
                $twelve = 0 === $hour % 12 ? 12 : $hour % 12;
                self::assertSame($minutes, $field->time("$twelve.$digits $half"));
                if ($hour >= 7 && $hour < 19 && !$style->always24) {
                    // during a school's day the half need not be said
                    foreach (["$twelve:$digits", "$twelve.$digits"] as $typed) {
                        self::assertSame($minutes, $field->time($typed), $typed);
                    }
                }
            }
        }
    }

    /** @return iterable<string, array{string, int}> */
    public static function times(): iterable
    {
        foreach (['9' => 540, '9am' => 540, '1' => 780, '2 o’clock' => 840, 'half past 2' => 870, 'half 9' => 570, 'twenty to ten' => 580, 'quarter past 1' => 795, 'noon' => 720, '12 noon' => 720, 'midnight' => 0, '0940' => 580, '1340' => 820, '12' => 720] as $typed => $is) {
            yield 'typed '.$typed => [(string) $typed, $is];
        }
    }

    #[DataProvider('times')]
    public function testTimesAreReadAsTheyAreSaid(string $typed, int $is): void
    {
        self::assertSame($is, (new TypedField())->time($typed));
    }

    public function testWhatIsNoTimeSaysWhyAndShowsOne(): void
    {
        foreach (['', '25:00', '9:75', 'soon', '9:40:30', '9:40 to 10', '13:20 pm pm', '5 min', '🐚', str_repeat('1:', 400), "\xff"] as $typed) {
            try {
                (new TypedField())->time($typed);
                self::fail($typed.' was taken for a time.');
            } catch (NotUnderstood $not) {
                self::assertNotSame('', $not->getMessage());
                foreach (explode(', ', $not->example) as $one) {
                    self::assertGreaterThan(0, (new TypedField())->time($one));
                }
            }
        }
    }

    private function day(TypedField $field, string $typed): string
    {
        try {
            $day = $field->day($typed, CalendarDate::of(2026, 12, 1));
        } catch (NotUnderstood) {
            return '';
        }

        return \sprintf('%04d-%02d-%02d', $day->year, $day->month, $day->day);
    }
}
