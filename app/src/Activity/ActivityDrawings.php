<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Rostik\App\Printing\Drawing\ClockDrawing;
use Rostik\App\Printing\Drawing\Svg;
use Rostik\Core\Activity\Moment;
use Rostik\Core\Activity\Numbers\Brick;
use Rostik\Core\Activity\Numbers\ClockParts;
use Rostik\Core\Activity\Numbers\DigitSum;
use Rostik\Core\Activity\Numbers\Lighthouse;
use Rostik\Core\Activity\Numbers\Pond;
use Rostik\Core\Activity\Numbers\Spinner;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

/** What is drawn for activities on paper, at its exact size, black on white. */
final class ActivityDrawings extends AbstractExtension
{
    public function getFilters(): array
    {
        return [new TwigFilter('unmarked', Marked::plain(...))];
    }

    public function getFunctions(): array
    {
        $html = ['is_safe' => ['html']];

        return [
            new TwigFunction('face_of', static fn (Moment $time, float $across): string => ClockDrawing::of(StatedTime::of(TimeOfDay::ofMinutes($time->minutes)), $across), $html),
            new TwigFunction('empty_face', static fn (float $across): string => ClockDrawing::of(null, $across), $html),
            new TwigFunction('spinner_of', self::spinner(...), $html),
            new TwigFunction('hand_of', self::hand(...), $html),
            new TwigFunction('pond_of', self::pond(...), $html),
            new TwigFunction('ring_of', self::ring(...), $html),
            new TwigFunction('wall_of', self::wall(...), $html),
            new TwigFunction('digits_of', self::digits(...), $html),
            new TwigFunction('clock_to_make', self::clockToMake(...), $html),
            new TwigFunction('back_of', self::back(...), $html),
        ];
    }

    /** Sectors as wide as they are likely; the cross in the middle is where the fastener goes. */
    public static function spinner(Spinner $spinner, float $across): string
    {
        $r = $across / 2;
        $svg = new Svg($across, $across, 'A spinner of lengths');
        $svg->path(self::circle($r, $r, $r - 0.5), 0.5, '#fff');
        foreach ($spinner->sectors as $sector) {
            [$x, $y] = self::on($r, $r - 0.5, $sector->from);
            $svg->path(\sprintf('M%s %sL%s %s', Svg::n($r), Svg::n($r), Svg::n($x), Svg::n($y)), 0.4);
            [$x, $y] = self::on($r, 0.66 * $r, ($sector->from + $sector->to) / 2);
            foreach (self::lines($sector->length->text) as $i => [$line, $of]) {
                $svg->text($x, $y + 1.8 + 6 * ($i - ($of - 1) / 2), $line, 5, 'middle', true);
            }
        }

        return (string) self::hole($svg, $r, $r);
    }

    /** A hand, from its hole to its tip so long. */
    public static function hand(float $length, float $wide, string $label): string
    {
        $svg = new Svg($length + 8, $wide + 2, $label);
        $middle = $wide / 2 + 1;
        $half = Svg::n($wide / 2);
        $shaft = Svg::n($length - 6);
        $svg->path('M6 1h'.$shaft.'l6 '.$half.'l-6 '.$half.'h-'.$shaft.'a'.$half.' '.$half.' 0 0 1 0 -'.Svg::n($wide).'z', 0.4, '#fff');

        return (string) self::hole($svg, 6, $middle);
    }

    public static function pond(Pond $pond, float $width, float $height): string
    {
        $svg = new Svg($width, $height, 'A pond of stones');
        $svg->path(self::oval($width / 2, $height / 2, $width / 2 - 1, $height / 2 - 1), 0.6, '#fff');
        foreach ($pond->stones as $i => $stone) {
            [$across, $down] = $pond->places[$i];
            $x = $width * (0.06 + 0.88 * $across);
            $y = $height * (0.06 + 0.88 * $down);
            $svg->path(self::oval($x, $y, 14, 10.5), 0.5, '#fff');
            foreach (self::lines($stone->text) as $k => [$line, $of]) {
                $svg->text($x, $y + 1.8 + 6 * ($k - ($of - 1) / 2), $line, 5, 'middle', true);
            }
        }

        return (string) $svg;
    }

    public static function ring(Lighthouse $lighthouse, float $across): string
    {
        $r = $across / 2;
        $count = \count($lighthouse->ring);
        $svg = new Svg($across, $across, 'A ring of times');
        $svg->path(self::circle($r, $r, $r - 0.5), 0.5, '#fff')->path(self::circle($r, $r, $r - 24), 0.5, '#fff');
        foreach ($lighthouse->ring as $i => $time) {
            $degrees = 360 * $i / $count;
            [$x, $y] = self::on($r, $r - 12, $degrees);
            $svg->text($x, $y + 1.8, Marked::plain($time->text), 4.6, 'middle', true);
            [$ax, $ay] = self::on($r, $r - 24, $degrees + 180 / $count);
            [$bx, $by] = self::on($r, $r - 0.5, $degrees + 180 / $count);
            $svg->path(\sprintf('M%s %sL%s %s', Svg::n($ax), Svg::n($ay), Svg::n($bx), Svg::n($by)), 0.4);
        }

        return (string) $svg;
    }

    /** @param list<list<Brick>> $wall from the bottom up */
    public static function wall(array $wall, bool $key, float $wide = 40, float $high = 17): string
    {
        $rows = \count($wall);
        $svg = new Svg($rows * $wide, $rows * $high, 'An adding wall');
        foreach ($wall as $r => $row) {
            foreach ($row as $i => $brick) {
                $x = $i * $wide + $r * $wide / 2;
                $y = ($rows - 1 - $r) * $high;
                $svg->box($x, $y, $wide, $high);
                if ($key || !$brick->hidden) {
                    $svg->text($x + $wide / 2, $y + $high / 2 + 1.8, Marked::plain($brick->length->text), 4.8, 'middle', $key && $brick->hidden);
                }
            }
        }

        return (string) $svg;
    }

    public static function digits(DigitSum $sum, bool $key): string
    {
        $svg = new Svg(60, 40, 'A sum with missing digits');
        foreach ($sum->rows as $r => $row) {
            $y = 12 * $r + (2 === $r ? 2 : 0);
            foreach ($row->digits() as $i => $digit) {
                $x = [14, 30, 39][$i];
                if ($row->hidden[$i]) {
                    $svg->box($x, $y + 0.5, 8, 10);
                }
                if ($key || !$row->hidden[$i]) {
                    $svg->text($x + 4, $y + 8, (string) $digit, 6.4, 'middle', $key && $row->hidden[$i]);
                }
            }
            $svg->text(26, $y + 8, 'h', 5)->text(52.5, $y + 8, 'min', 5);
        }
        $svg->text(7, 20, '+' === $sum->sign ? '+' : '−', 7)->path('M4 24.8h54', 0.5);

        return (string) $svg;
    }

    /** The face as far as it is printed; the cross is where the fastener goes. */
    public static function clockToMake(ClockParts $parts): string
    {
        $r = $parts->face / 2;
        $svg = new Svg($parts->face, $parts->face, 'A clock face to be finished');
        $svg->path(self::circle($r, $r, $r - 0.5), 0.6, '#fff')->path(self::circle($r, $r, 0.84 * $r), 0.2);
        $ticks = ['', ''];
        for ($i = 0; $i < 60; ++$i) {
            $long = 0 === $i % 5;
            if ($long || $parts->marks) {
                [$ax, $ay] = self::on($r, 0.84 * $r, 6 * $i);
                [$bx, $by] = self::on($r, ($long ? 0.77 : 0.81) * $r, 6 * $i);
                $ticks[(int) $long] .= \sprintf('M%s %sL%s %s', Svg::n($ax), Svg::n($ay), Svg::n($bx), Svg::n($by));
            }
        }
        $svg->path($ticks[0].'M0 0', 0.2)->path($ticks[1], 0.7);
        foreach ($parts->printed as $hour) {
            [$x, $y] = self::on($r, 0.66 * $r, 30 * $hour);
            $svg->text($x, $y + 0.04 * $parts->face, (string) $hour, 0.1 * $parts->face);
        }

        return (string) self::hole($svg, $r, $r);
    }

    /** The back of a card, in one of two patterns: stripes or dots. */
    public static function back(string $pattern, float $width, float $height): string
    {
        $svg = new Svg($width, $height, 'The back of a card');
        $d = '';
        if ('stripes' === $pattern) {
            for ($x = -$height; $x < $width; $x += 7) {
                [$from, $to] = [max(0.0, -$x), min($height, $width - $x)];
                $d .= \sprintf('M%s %sL%s %s', Svg::n($x + $from), Svg::n($from), Svg::n($x + $to), Svg::n($to));
            }

            return (string) $svg->path($d, 0.8);
        }
        for ($x = 5.0; $x < $width; $x += 8) {
            for ($y = 5.0; $y < $height; $y += 8) {
                $d .= self::circle($x, $y, 1.3);
            }
        }

        return (string) $svg->path($d, 0.1, '#000');
    }

    /**
     * Hours above minutes, where both are there.
     *
     * @return list<array{string, int}> each line, and of how many
     */
    private static function lines(string $marked): array
    {
        $lines = preg_split('/(?<=h) /', Marked::plain($marked)) ?: [''];

        return array_map(static fn (string $line): array => [$line, \count($lines)], $lines);
    }

    private static function hole(Svg $svg, float $x, float $y): Svg
    {
        return $svg->path(self::circle($x, $y, 2), 0.3, '#fff')->path(\sprintf('M%s %sh4M%s %sv4', Svg::n($x - 2), Svg::n($y), Svg::n($x), Svg::n($y - 2)), 0.3);
    }

    private static function circle(float $x, float $y, float $r): string
    {
        return self::oval($x, $y, $r, $r);
    }

    private static function oval(float $x, float $y, float $across, float $down): string
    {
        return \sprintf('M%s %sa%3$s %4$s 0 1 1 -%5$s 0a%3$s %4$s 0 1 1 %5$s 0z', Svg::n($x + $across), Svg::n($y), Svg::n($across), Svg::n($down), Svg::n(2 * $across));
    }

    /** @return array{float, float} */
    private static function on(float $middle, float $radius, float $degrees): array
    {
        $a = deg2rad($degrees - 90);

        return [$middle + $radius * cos($a), $middle + $radius * sin($a)];
    }
}
