<?php

declare(strict_types=1);

namespace Rostik\App\Printing\Drawing;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Question\Scaffold;

/** A number line of 84 mm: with its jumps to be filled in, empty, or worked. The points stand evenly, as on a board. */
final class LineDrawing
{
    /** Of the labels, in mm. */
    private const SIZE = 4.0;

    /**
     * @param LinePicture $first  as it stands before the first jump: what is given
     * @param LinePicture $last   as it stands at the end
     * @param bool        $solved whether it is worked, for the key
     */
    public static function of(LinePicture $first, LinePicture $last, Scaffold $scaffold, bool $solved = false): string
    {
        $given = array_map(static fn ($p): int => $p->at, $first->points);
        $full = $solved || Scaffold::Full === $scaffold;
        $points = $full ? $last->points : $first->points;
        // an empty line begins (or ends) where the sum begins
        $backward = !$full && [] !== $last->jumps && $last->jumps[0]->to < $last->jumps[0]->from;
        $labels = array_map(static fn ($p): string => $solved || \in_array($p->at, $given, true) ? Marked::plain($p->label) : '', $points);
        $xs = self::spread($labels, $backward);
        // labels that would run into each other stand in two rows
        $rows = self::collide($labels, $xs) ? 2 : 1;
        $svg = new Svg(84, 30 + 4.4 * ($rows - 1), $solved ? 'The number line, worked' : 'A number line to work on');
        $svg->path('M1 20H83', 0.5);
        $places = [];
        foreach ($points as $i => $point) {
            $places[$point->at] = $x = $xs[$i] ?? 0.0;
            $svg->path(\sprintf('M%s 18v4', Svg::n($x)), 0.5);
            if ('' !== $labels[$i]) {
                $svg->text($x, 27.5 + 4.4 * ($i % $rows), $labels[$i], self::SIZE);
            } else {
                $svg->box($x - 6, 23.2, 12, 6);
            }
        }
        $jumps = $full ? $last->jumps : [];
        $said = array_map(static fn ($jump): string => $solved ? Marked::plain($jump->label) : '', $jumps);
        $middles = array_map(static fn ($jump): float => (($places[$jump->from] ?? 0) + ($places[$jump->to] ?? 0)) / 2, $jumps);
        $steps = self::collide($said, $middles) ? 2 : 1;
        foreach ($jumps as $i => $jump) {
            $a = $places[$jump->from] ?? 0;
            $b = $places[$jump->to] ?? 0;
            $middle = $middles[$i] ?? 0.0;
            $svg->path(\sprintf('M%s 17.6Q%s 6 %s 17.6', Svg::n($a), Svg::n($middle), Svg::n($b)), 0.4);
            $way = $b > $a ? -1 : 1;
            $svg->path(\sprintf('M%s 17.8l%s -2.4M%s 17.8l%s -0.6', Svg::n($b), Svg::n($way * 0.5), Svg::n($b), Svg::n($way * 2.2)), 0.4);
            if ($solved) {
                $svg->text($middle, 9.6 - 4.2 * ($i % $steps), $said[$i], 3.7);
            } else {
                $svg->box($middle - 7, 4.4, 14, 6);
            }
        }

        return (string) $svg;
    }

    /**
     * Where the points stand, in mm: evenly, with room for the labels at both ends.
     *
     * @param list<string> $labels   empty for a box to fill
     * @param bool         $backward whether a single point stands at the right
     *
     * @return list<float>
     */
    private static function spread(array $labels, bool $backward): array
    {
        $count = \count($labels);
        $room = static fn (string $label): float => max(9.0, self::width($label) / 2 + 0.3);
        if (1 === $count) {
            return [$backward ? 84 - max(10.0, $room($labels[0])) : max(10.0, $room($labels[0]))];
        }
        $left = $room($labels[0] ?? '');
        $right = 84 - $room($labels[$count - 1] ?? '');

        return array_map(static fn (int $i): float => $left + $i * ($right - $left) / max(1, $count - 1), array_keys($labels));
    }

    /**
     * @param list<string> $labels
     * @param list<float>  $xs
     */
    private static function collide(array $labels, array $xs): bool
    {
        foreach ($labels as $i => $label) {
            if ($i > 0 && abs(($xs[$i] ?? 0) - ($xs[$i - 1] ?? 0)) < (self::taken($label) + self::taken($labels[$i - 1])) / 2) {
                return true;
            }
        }

        return false;
    }

    /** What a label, or the box in its place, takes of the line, in mm. */
    private static function taken(string $label): float
    {
        return '' === $label ? 12.5 : self::width($label) + 1;
    }

    /** About how wide a label is, in mm: a letter of Andika is a little over half as wide as its size (measured). */
    private static function width(string $label): float
    {
        return mb_strlen($label) * self::SIZE * 0.53;
    }
}
