<?php

declare(strict_types=1);

namespace Rostik\App\Printing\Drawing;

use Rostik\Core\Picture\MonthMark;
use Rostik\Core\Picture\MonthPage;
use Rostik\Core\Picture\MonthPicture;

/** Month pages for paper: one of 56 mm, or two beside each other of 40 mm. */
final class MonthDrawing
{
    /** Across a day, in mm: on a page alone, and on one of two. */
    private const ALONE = 8.0;
    private const BESIDE = 5.8;

    /**
     * @param MonthPicture $picture the pages
     * @param bool         $marked  whether its days are marked, too
     */
    public static function of(MonthPicture $picture, bool $marked): string
    {
        $across = \count($picture->pages) > 1 ? self::BESIDE : self::ALONE;

        // pages beside each other are equally high
        $rows = max(array_map(static fn (MonthPage $page): int => \count($page->weeks), $picture->pages));

        return implode('', array_map(static fn (MonthPage $page): string => self::page($page, $across, $rows, $marked ? $page->marks : []), $picture->pages));
    }

    /** @param list<MonthMark> $marks */
    private static function page(MonthPage $page, float $across, int $rows, array $marks): string
    {
        $high = $across * 0.86;
        $letters = $across * 0.5;
        $top = 1.9 * $letters + 1.2;
        $svg = new Svg(7 * $across + 1.2, $top + $high * (1 + $rows) + 0.6, $page->title.', a month page');
        $svg->text(0.4, 1.4 * $letters, $page->title, 1.15 * $letters, 'start', true);
        foreach ($page->heads as $column => $head) {
            $svg->text(0.6 + ($column + 0.5) * $across, $top + 0.7 * $high, $head, 0.72 * $letters, bold: true);
        }
        $y = $top + $high;
        foreach ($page->weekend as $column) {
            $svg->path(\sprintf('M%s %sh%sv%sh-%sz', Svg::n(0.6 + $column * $across), Svg::n($y), Svg::n($across), Svg::n($high * \count($page->weeks)), Svg::n($across)), 0.1, '#eee');
        }
        foreach ($page->weeks as $row => $week) {
            foreach ($week as $column => $day) {
                $svg->path(\sprintf('M%s %sh%sv%sh-%sz', Svg::n(0.6 + $column * $across), Svg::n($y + $row * $high), Svg::n($across), Svg::n($high), Svg::n($across)), 0.15);
                if (null !== $day) {
                    $svg->text(0.6 + ($column + 0.5) * $across, $y + ($row + 0.5) * $high + 0.36 * $letters, (string) $day, $letters);
                }
            }
        }
        foreach ($marks as $mark) {
            [$row, $column] = self::place($page, $mark->day);
            [$x, $middle, $r] = [0.6 + ($column + 0.5) * $across, $y + ($row + 0.5) * $high, 0.41 * $across];
            $svg->path(\sprintf('M%s %sa%s %s 0 1 0 %s 0a%s %s 0 1 0 -%s 0', Svg::n($x - $r), Svg::n($middle), Svg::n($r), Svg::n($r), Svg::n(2 * $r), Svg::n($r), Svg::n($r), Svg::n(2 * $r)), 'passed' === $mark->role ? 0.25 : 0.6);
        }

        return (string) $svg;
    }

    /** @return array{int, int} row and column, from 0 */
    private static function place(MonthPage $page, int $day): array
    {
        foreach ($page->weeks as $row => $week) {
            $column = array_search($day, $week, true);
            if (false !== $column) {
                return [$row, $column];
            }
        }

        return [0, 0];
    }
}
