<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Method;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Method\MonthPageMethod;
use Rostik\Core\Method\OnTheCalendar;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\MonthMark;
use Rostik\Core\Picture\MonthPicture;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\WeekBegins;
use Rostik\Core\Time\Weekend;

/** Month pages, as a class has them. */
final class MonthPageTest extends TestCase
{
    /** Every page of 120 years: each day once, below the name of its day of the week as PHP has it, the weekend shaded. */
    public function testEveryPageHasItsDaysBelowTheirNames(): void
    {
        foreach ([[WeekBegins::Monday, Weekend::SaturdaySunday], [WeekBegins::Sunday, Weekend::SaturdaySunday], [WeekBegins::Sunday, Weekend::FridaySaturday]] as [$begins, $weekend]) {
            $calendar = new OnTheCalendar((new Style())->within($begins, $weekend));
            $free = Weekend::SaturdaySunday === $weekend ? ['Sat', 'Sun'] : ['Fri', 'Sat'];
            for ($month = 0; $month < 1440; ++$month) {
                [$year, $number] = [1980 + intdiv($month, 12), $month % 12 + 1];
                $page = $calendar->page($year, $number);
                $first = new \DateTimeImmutable(\sprintf('%d-%02d-01', $year, $number));
                self::assertSame($first->format('F Y'), $page->title);
                self::assertSame(WeekBegins::Monday === $begins ? 'Mon' : 'Sun', $page->heads[0]);
                self::assertEqualsCanonicalizing($free, array_map(static fn (int $column): string => $page->heads[$column], $page->weekend));
                $day = 0;
                foreach ($page->weeks as $week) {
                    self::assertCount(7, $week);
                    foreach ($week as $column => $one) {
                        if (null !== $one) {
                            self::assertSame(++$day, $one);
                            self::assertSame($first->modify(\sprintf('+%d days', $day - 1))->format('D'), $page->heads[$column]);
                        }
                    }
                }
                self::assertSame((int) $first->format('t'), $day);
            }
        }
    }

    public function testWeeksGoDownAndDaysAlong(): void
    {
        $working = (new MonthPageMethod())->work(Core::get(SumReader::class)->read('26 March 2027 + 2 weeks')->sum, Writer::marked());
        $last = $working->steps[\count($working->steps) - 1]->picture;
        self::assertInstanceOf(MonthPicture::class, $last);
        self::assertSame(['March 2027', 'April 2027'], array_map(static fn ($page): string => $page->title, $last->pages));
        self::assertEquals([new MonthMark(26, 'start', '')], $last->pages[0]->marks);
        self::assertSame(['passed', 'end'], array_map(static fn (MonthMark $mark): string => $mark->role, $last->pages[1]->marks));
        self::assertTrue($last->pages[1]->marks[1]->asked);
        // the page of paper has the days without what is to be found
        $given = $working->steps[0]->picture;
        self::assertInstanceOf(MonthPicture::class, $given);
        $together = $given->together($last);
        self::assertCount(2, $together->pages);
        self::assertSame([1, 0], array_map(static fn ($page): int => \count($page->marks), $together->pages));
    }
}
