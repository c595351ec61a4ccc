<?php

declare(strict_types=1);

namespace Rostik\App\Printing\Drawing;

use Rostik\Core\Time\ClockHands;
use Rostik\Core\Time\StatedTime;

/** A clock face, with hands or to draw them in. */
final class ClockDrawing
{
    /** As clocks have them: four is mostly IIII there, but IV is what is taught (common practice). */
    private const ROMAN = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'VIII', 'IX', 'X', 'XI', 'XII'];

    /** Where the hands stand, and not what time it is: "hour hand between 8 and 9, minute hand on 8". */
    private static function seen(StatedTime $time, bool $roman): string
    {
        $hands = ClockHands::at($time->time());
        $name = static fn (int $number): string => $roman ? self::ROMAN[($number + 11) % 12] : (string) (($number + 11) % 12 + 1);
        [$hour, $minute] = [intdiv((int) $hands->hour, 30), (int) round($hands->minute / 6)];
        $beyond = $hands->hour - 30 * $hour;
        $short = 0.0 === $beyond ? 'on '.$name($hour) : (15.0 === $beyond ? 'half way between ' : 'between ').$name($hour).' and '.$name($hour + 1);
        $past = static fn (int $marks): string => 0 === $marks % 5 ? 'on '.$name(intdiv($marks, 5)) : \sprintf('%d %s past %s', $marks % 5, 1 === $marks % 5 ? 'mark' : 'marks', $name(intdiv($marks, 5)));

        return \sprintf('hour hand %s, minute hand %s', $short, $past($minute)).(null === $time->second ? '' : ', second hand '.$past($time->second));
    }

    /**
     * @param ?StatedTime $time   null for a face without hands; to the second it has a second hand
     * @param float       $across the face, in mm
     * @param string      $below  "a.m.", "p.m." or nothing
     * @param bool        $roman  whether the hours are numbered I to XII
     * @param bool        $level  whether it stands beside one with something below, and is as high
     */
    public static function of(?StatedTime $time, float $across = 40.0, string $below = '', bool $roman = false, bool $level = false): string
    {
        $label = (null === $time ? 'A clock face to draw the hands on' : 'A clock: '.self::seen($time, $roman)).('' === $below ? '' : ', '.$below);
        $svg = new Svg(44, '' === $below && !$level ? 44 : 49, $label, $across / 40);
        $svg->path('M42 22a20 20 0 1 1-40 0a20 20 0 1 1 40 0z', 0.6, '#fff');
        $ticks = ['', ''];
        for ($i = 0; $i < 60; ++$i) {
            $long = 0 === $i % 5;
            [$ax, $ay] = self::on(20, $i * 6);
            [$bx, $by] = self::on($long ? 17.8 : 19, $i * 6);
            $ticks[(int) $long] .= \sprintf('M%s %sL%s %s', Svg::n($ax), Svg::n($ay), Svg::n($bx), Svg::n($by));
        }
        $svg->path($ticks[0], 0.2)->path($ticks[1], 0.5);
        if (null !== $time) {
            $hands = ClockHands::at($time->time());
            // between two minutes the hands have crept on
            $crept = ($time->second ?? 0) / 60;
            [$x, $y] = self::on(10.2, $hands->hour + $crept / 2);
            $svg->path(\sprintf('M22 22L%s %s', Svg::n($x), Svg::n($y)), 1.5);
            [$x, $y] = self::on(17.6, $hands->minute + 6 * $crept);
            $svg->path(\sprintf('M22 22L%s %s', Svg::n($x), Svg::n($y)), 0.7);
            if (null !== $time->second) {
                [$ax, $ay] = self::on(-4.5, 6.0 * $time->second);
                [$x, $y] = self::on(18.6, 6.0 * $time->second);
                $svg->path(\sprintf('M%s %sL%s %s', Svg::n($ax), Svg::n($ay), Svg::n($x), Svg::n($y)), 0.25);
            }
        }
        // over the hands, with white around the number that one points at: no hand covers it
        for ($hour = 1; $hour <= 12; ++$hour) {
            [$x, $y] = self::on(14.9, $hour * 30);
            $number = $roman ? self::ROMAN[$hour - 1] : (string) $hour;
            if (null !== $time && self::isPassed($time, $hour)) {
                $half = 0.9 + 0.6 * \strlen($number) * ($roman ? 1.3 : 1.6);
                $svg->blank($x - $half, $y - 2, 2 * $half, 4);
            }
            $svg->text($x, $y + 1.5, $number, $roman ? 3.6 : 4.2);
        }
        if ('' !== $below) {
            $svg->text(22, 47.4, $below, 4.2);
        }
        $svg->path('M23 22a1 1 0 1 1-2 0a1 1 0 1 1 2 0z', 0.2, '#000');

        return (string) $svg;
    }

    /** Whether the minute hand or the second hand goes over a number; the hour hand ends before it. */
    private static function isPassed(StatedTime $time, int $hour): bool
    {
        $near = static fn (float $degrees): bool => abs(fmod($degrees - 30 * $hour + 540, 360) - 180) < 14;

        return $near(6 * ($time->time()->minute() + ($time->second ?? 0) / 60)) || (null !== $time->second && $near(6.0 * $time->second));
    }

    /** @return array{float, float} */
    private static function on(float $radius, float $degrees): array
    {
        $a = deg2rad($degrees - 90);

        return [22 + $radius * cos($a), 22 + $radius * sin($a)];
    }
}
