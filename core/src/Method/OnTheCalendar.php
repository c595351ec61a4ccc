<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Style;
use Rostik\Core\Picture\MonthMark;
use Rostik\Core\Picture\MonthPage;
use Rostik\Core\Picture\MonthPicture;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\MonthName;
use Rostik\Core\Time\WeekBegins;
use Rostik\Core\Time\Weekday;
use Rostik\Core\Time\Weekend;

/** Pages of a calendar as a class has them: its week begins on Monday or Sunday, and it has its weekend. */
final readonly class OnTheCalendar
{
    public function __construct(private Style $style)
    {
    }

    /**
     * The pages of the months in which the marked days are.
     *
     * @param non-empty-list<array{CalendarDate, string, string}> $marked each with its role and label; of no more than two months, others are left out
     * @param ?CalendarDate                                       $column a day whose column is looked at
     * @param ?CalendarDate                                       $asked  the day that is to be found
     */
    public function pages(array $marked, ?CalendarDate $column = null, ?CalendarDate $asked = null): MonthPicture
    {
        $pages = [];
        foreach ($marked as [$date, $role, $label]) {
            $key = \sprintf('%04d-%02d', $date->year, $date->month);
            $pages[$key] ??= [];
            // what is said of a day last holds
            $pages[$key][$date->day] = new MonthMark($date->day, $role, $label, null !== $asked && 0 === $date->daysTo($asked));
        }
        ksort($pages);
        $first = array_key_first($pages);
        $last = array_key_last($pages);
        $drawn = [];
        foreach (array_unique([$first, $last]) as $key) {
            [$year, $month] = [(int) substr($key, 0, 4), (int) substr($key, 5)];
            $drawn[] = $this->page($year, $month, array_values($pages[$key]), null !== $column && $column->year === $year && $column->month === $month ? $this->column($column->weekday()) : null);
        }

        return new MonthPicture($drawn);
    }

    /** @param list<MonthMark> $marks */
    public function page(int $year, int $month, array $marks = [], ?int $column = null): MonthPage
    {
        $weeks = [[]];
        $before = $this->column(CalendarDate::of($year, $month, 1)->weekday());
        $cells = [...array_fill(0, $before, null), ...range(1, CalendarDate::daysIn($year, $month))];
        $cells = [...$cells, ...array_fill(0, (7 - \count($cells) % 7) % 7, null)];
        $weeks = array_chunk($cells, 7);
        $first = WeekBegins::Monday === $this->style->weekBegins ? 1 : 7;

        return new MonthPage(
            MonthName::of($month).' '.$year,
            array_map(static fn (int $i): string => substr(Weekday::name(Weekday::after($first, $i)), 0, 3), range(0, 6)),
            array_map($this->column(...), Weekend::SaturdaySunday === $this->style->weekend ? [6, 7] : [5, 6]),
            $weeks,
            $marks,
            $column,
        );
    }

    /** @param int $weekday 1 for Monday */
    private function column(int $weekday): int
    {
        return WeekBegins::Monday === $this->style->weekBegins ? $weekday - 1 : $weekday % 7;
    }
}
