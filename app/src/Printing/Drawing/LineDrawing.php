<?php

declare(strict_types=1);

namespace Rostik\App\Printing\Drawing;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Sheet\Scaffold;

/** A number line of 84 mm: with its jumps to be filled in, empty, or worked. The points stand evenly, as on a board. */
final class LineDrawing
{
    /**
     * @param LinePicture $first  as it stands before the first jump: what is given
     * @param LinePicture $last   as it stands at the end
     * @param bool        $solved whether it is worked, for the key
     */
    public static function of(LinePicture $first, LinePicture $last, Scaffold $scaffold, bool $solved = false): string
    {
        $svg = new Svg(84, 30, $solved ? 'The number line, worked' : 'A number line to work on');
        $svg->path('M1 20H83', 0.5);
        $given = array_map(static fn ($p): int => $p->at, $first->points);
        $full = $solved || Scaffold::Full === $scaffold;
        $points = $full ? $last->points : $first->points;
        // an empty line begins (or ends) where the sum begins
        $backward = !$full && [] !== $last->jumps && $last->jumps[0]->to < $last->jumps[0]->from;
        $places = [];
        $count = \count($points);
        foreach ($points as $i => $point) {
            $places[$point->at] = $x = 1 === $count ? ($backward ? 74.0 : 10.0) : 9 + $i * 66 / ($count - 1);
            $svg->path(\sprintf('M%s 18v4', Svg::n($x)), 0.5);
            if ($solved || \in_array($point->at, $given, true)) {
                $svg->text($x, 27.5, Marked::plain($point->label), 4);
            } else {
                $svg->box($x - 6, 23.2, 12, 6);
            }
        }
        foreach ($full ? $last->jumps : [] as $jump) {
            $a = $places[$jump->from] ?? 0;
            $b = $places[$jump->to] ?? 0;
            $middle = ($a + $b) / 2;
            $svg->path(\sprintf('M%s 17.6Q%s 6 %s 17.6', Svg::n($a), Svg::n($middle), Svg::n($b)), 0.4);
            $way = $b > $a ? -1 : 1;
            $svg->path(\sprintf('M%s 17.8l%s -2.4M%s 17.8l%s -0.6', Svg::n($b), Svg::n($way * 0.5), Svg::n($b), Svg::n($way * 2.2)), 0.4);
            if ($solved) {
                $svg->text($middle, 9.6, Marked::plain($jump->label), 3.7);
            } else {
                $svg->box($middle - 7, 4.4, 14, 6);
            }
        }

        return (string) $svg;
    }
}
