<?php

declare(strict_types=1);

namespace Rostik\App\Printing\Drawing;

use Rostik\Core\Notation\Style;
use Rostik\Core\Time\HalfOfDay;

/**
 * Half of the line of the day, to be cut out and joined to the other at noon: hours by the class's clock on one side of it,
 * by the 24-hour clock on the other, with halves, quarters and fives of an hour. Along or upright, an hour 18 mm long.
 */
final class DayLineDrawing
{
    /** An hour, in mm: twelve of them lie on A4 and on Letter both along and upright. */
    public const HOUR = 18.0;

    /** Before the first hour and behind the last one, in mm: there the halves are joined. */
    private const EDGE = 10.0;

    /** From one side of a strip to the other, in mm. */
    private const ACROSS = 52.0;

    /** Of the ticks on each side of the line, in mm: hours, halves, quarters, fives. */
    private const TICKS = [60 => 6.0, 30 => 4.4, 15 => 3.2, 5 => 1.8];

    public static function of(HalfOfDay $half, bool $upright, Style $style): string
    {
        $long = 12 * self::HOUR + 2 * self::EDGE;
        $svg = new Svg($upright ? self::ACROSS : $long, $upright ? $long : self::ACROSS, HalfOfDay::Am === $half ? 'The day from midnight to noon' : 'The day from noon to midnight');
        // along it the hours of the class stand below the line; upright on its right
        $middle = self::ACROSS / 2;
        $at = static fn (float $along, float $off): array => $upright ? [$middle + $off, $along] : [$along, $middle + $off];
        $stroke = static function (float $along, float $from, float $to, float $thick) use ($svg, $at): void {
            [[$x1, $y1], [$x2, $y2]] = [$at($along, $from), $at($along, $to)];
            $svg->path(\sprintf('M%s %sL%s %s', Svg::n($x1), Svg::n($y1), Svg::n($x2), Svg::n($y2)), $thick);
        };
        [[$x1, $y1], [$x2, $y2]] = [$at(self::EDGE, 0), $at(self::EDGE + 12 * self::HOUR, 0)];
        $svg->path(\sprintf('M%s %sL%s %s', Svg::n($x1), Svg::n($y1), Svg::n($x2), Svg::n($y2)), 1.2);
        for ($minute = 0; $minute <= 720; $minute += 5) {
            $along = self::EDGE + $minute * self::HOUR / 60;
            foreach (self::TICKS as $each => $reach) {
                if (0 === $minute % $each) {
                    $stroke($along, -$reach, $reach, 60 === $each ? 0.7 : 0.25);
                    break;
                }
            }
            if (0 === $minute % 60) {
                self::hour($svg, $at, $along, intdiv($minute, 60) + (HalfOfDay::Pm === $half ? 12 : 0), $upright, $style);
            }
        }

        return (string) $svg;
    }

    /** @param callable(float, float): array{float, float} $at */
    private static function hour(Svg $svg, callable $at, float $along, int $hour, bool $upright, Style $style): void
    {
        // letters stand on their foot: beside an upright line they are half their height lower
        $put = static function (float $off, string $text, float $size, bool $bold) use ($svg, $at, $along, $upright): void {
            [$x, $y] = $at($along, $upright ? $off : $off + ($off > 0 ? $size * 0.75 : 0));
            $svg->text($x, $upright ? $y + 0.36 * $size : $y, $text, $size, $upright ? ($off > 0 ? 'start' : 'end') : 'middle', $bold);
        };
        if ($style->always24) {
            $put(7.5, (string) $hour, 6.4, true);

            return;
        }
        $named = 0 === $hour % 12;
        $put(7.5, (string) (($hour + 11) % 12 + 1), 6.4, true);
        if (!$upright) {
            $put(14.5, $named ? (12 === $hour ? 'noon' : 'midnight') : '', 3.6, false);
        } elseif ($named) {
            [$x, $y] = $at($along, 7.5);
            $svg->text($x, $y + 6.2, 12 === $hour ? 'noon' : 'midnight', 3.6, 'start');
        }
        $put(-7.5, \sprintf($style->leadingNought ? '%02d' : '%d', $hour), 4.4, false);
    }
}
