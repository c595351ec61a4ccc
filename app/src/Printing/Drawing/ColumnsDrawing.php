<?php

declare(strict_types=1);

namespace Rostik\App\Printing\Drawing;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Picture\ColumnCell;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Question\Scaffold;

/** Squared paper of 12 by 5 squares of 7 mm, with the columns headed, the numbers set out, or the whole worked. */
final class ColumnsDrawing
{
    private const SQUARE = 7.0;

    /** Empty squared paper, so many squares high. */
    public static function paper(int $rows = 5): string
    {
        return (string) self::squares(new Svg(84, self::SQUARE * $rows, 'Squared paper for working'), $rows);
    }

    /**
     * @param ColumnsPicture $picture as it stands at the first step, or at the last for the key
     * @param bool           $solved  whether it is worked, for the key
     */
    public static function of(ColumnsPicture $picture, Scaffold $scaffold, bool $solved = false): string
    {
        $top = $solved ? 2 : 1;
        // the numbers, the answer, and a line to spare
        $rows = max($solved ? 6 : 5, $top + \count($picture->rows) + 2);
        $svg = self::squares(new Svg(84, self::SQUARE * $rows, $solved ? 'In columns, worked' : 'Columns to work in'), $rows);
        $ends = [];
        $at = 1;
        foreach ($picture->heads as $head) {
            $at += $head->squares + 1;
            $ends[] = $at - 1;
        }
        foreach ($picture->heads as $c => $head) {
            // a short head stands over the ones, a long one over both digits; the lines of the squares keep clear of it
            $x = (($ends[$c] ?? 0) + (\strlen($head->unit) > 1 && $head->squares > 1 ? 0 : 0.5)) * self::SQUARE;
            $half = 0.9 + 1.2 * \strlen($head->unit);
            $svg->blank($x - $half, 1, 2 * $half, 5)->text($x, 4.9, $head->unit, 4.2, 'middle', true);
        }
        if (!$solved && Scaffold::Full !== $scaffold) {
            return (string) $svg;
        }
        foreach ($picture->rows as $r => $row) {
            foreach ($row->cells as $c => $cell) {
                self::digits($svg, $cell->digits, $ends[$c] ?? 0, $top + $r);
                if ('' !== $cell->instead) {
                    $right = (($ends[$c] ?? 0) + 0.85) * self::SQUARE;
                    $left = (($ends[$c] ?? 0) - \strlen($cell->digits) + 1.15) * self::SQUARE;
                    $y = ($top + $r) * self::SQUARE;
                    $svg->path(\sprintf('M%s %sL%s %s', Svg::n($left), Svg::n($y + 6), Svg::n($right), Svg::n($y + 1)), 0.4);
                    foreach (str_split($cell->instead) as $i => $digit) {
                        $svg->text(self::middle($ends[$c] ?? 0, $cell->instead, $i), $y - 0.9, $digit, 3.6);
                    }
                }
                self::within($svg, $cell, $ends[$c] ?? 0, ($top + $r) * self::SQUARE);
            }
        }
        foreach ($picture->carry as $c => $carry) {
            if ('' !== $carry) {
                $svg->text((($ends[$c] ?? 0) + 0.5) * self::SQUARE, $top * self::SQUARE - 0.9, $carry, 3.4);
            }
        }
        $line = ($top + \count($picture->rows)) * self::SQUARE;
        $svg->text(3.5, $line - 1.9, $picture->sign, 5);
        $svg->path(\sprintf('M0 %sH%s', Svg::n($line), Svg::n($at * self::SQUARE)), 0.5);
        foreach ($solved ? $picture->answer : [] as $c => $digits) {
            self::digits($svg, $digits, $ends[$c] ?? 0, $top + \count($picture->rows), true);
        }
        if ($solved) {
            foreach ($picture->rough as $i => $rough) {
                $x = ($at + 0.5) * self::SQUARE;
                // beside the columns there is room for so much; longer side sums are written smaller
                $size = min(3.4, (84 - $x) / (0.55 * max(1, mb_strlen($rough))));
                $svg->blank($x - 0.7, ($i + 1.15) * self::SQUARE, 0.57 * $size * mb_strlen($rough) + 0.7, 4.6);
                $svg->text($x, ($i + 1.7) * self::SQUARE, $rough, $size, 'start');
            }
            if ('' !== $picture->after) {
                $svg->text(3, $line + self::SQUARE * 1.7, Marked::plain($picture->after), 3.8, 'start');
            }
        }

        return (string) $svg;
    }

    /** The digits as they are once a ten was exchanged within the number, above those struck out. */
    private static function within(Svg $svg, ColumnCell $cell, int $end, float $y): void
    {
        $counts = '' === $cell->instead ? $cell->digits : $cell->instead;
        // above the number that was written above, or above the number itself
        [$line, $struck, $reach] = '' === $cell->instead ? [$y - 0.9, $y + 3.5, 2.2] : [$y - 4.4, $y - 2.2, 1.4];
        foreach ($cell->within as $i => $digits) {
            if ('' !== $digits) {
                $x = self::middle($end, $counts, $i);
                $svg->path(\sprintf('M%s %sL%s %s', Svg::n($x - $reach), Svg::n($struck + $reach), Svg::n($x + $reach), Svg::n($struck - $reach)), 0.35);
                $svg->text($x, $line, $digits, 3.2);
            }
        }
    }

    /** Where the middle of a digit's square is, from the left edge, in millimetres. */
    private static function middle(int $end, string $digits, int $place): float
    {
        return ($end - (\strlen($digits) - 1 - $place) + 0.5) * self::SQUARE;
    }

    private static function digits(Svg $svg, string $digits, int $end, int $row, bool $bold = false): void
    {
        foreach (str_split($digits) as $i => $digit) {
            $svg->text(self::middle($end, $digits, $i), $row * self::SQUARE + 5.1, $digit, 4.8, 'middle', $bold);
        }
    }

    private static function squares(Svg $svg, int $rows): Svg
    {
        $d = '';
        for ($x = 0; $x <= 12; ++$x) {
            $d .= \sprintf('M%s 0V%s', Svg::n($x * self::SQUARE), Svg::n($rows * self::SQUARE));
        }
        for ($y = 0; $y <= $rows; ++$y) {
            $d .= \sprintf('M0 %sH84', Svg::n($y * self::SQUARE));
        }
        $svg->path($d, 0.2, 'none', ' stroke-opacity="0.45"');

        return $svg;
    }
}
