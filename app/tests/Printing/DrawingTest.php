<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Printing;

use PHPUnit\Framework\TestCase;
use Rostik\App\Printing\Drawing\ClockDrawing;
use Rostik\App\Printing\Drawing\ColumnsDrawing;
use Rostik\App\Printing\Drawing\LineDrawing;
use Rostik\App\Printing\Drawings;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Picture\Picture;
use Rostik\Core\Question\Scaffold;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Work\Workbench;

/** What is drawn for paper: well-formed, at exact sizes in millimetres, with no more on it than there should be. */
final class DrawingTest extends TestCase
{
    /** @return array{Picture, Picture} as a method draws it at its first and its last step */
    private function pictures(string $sum, string $method): array
    {
        foreach (Core::get(Workbench::class)->work($sum)->methods as $one) {
            if ($one->id === $method) {
                return [$one->steps[0]->picture, $one->steps[\count($one->steps) - 1]->picture];
            }
        }
        self::fail('There is no such method.');
    }

    private function parsed(string $svg): \DOMElement
    {
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML($svg));
        self::assertInstanceOf(\DOMElement::class, $document->documentElement);

        return $document->documentElement;
    }

    /** @return list<string> */
    private function texts(string $svg): array
    {
        $texts = [];
        foreach ($this->parsed($svg)->getElementsByTagName('text') as $text) {
            $texts[] = $text->textContent;
        }

        return $texts;
    }

    public function testColumnsWithTheNumbersTheHeadsOrNothing(): void
    {
        [$first, $last] = $this->pictures('6 h 10 min - 3 h 45 min', 'column');
        self::assertInstanceOf(ColumnsPicture::class, $first);
        self::assertInstanceOf(ColumnsPicture::class, $last);
        $full = ColumnsDrawing::of($first, Scaffold::Full);
        self::assertSame(['84mm', '35mm'], [$this->parsed($full)->getAttribute('width'), $this->parsed($full)->getAttribute('height')]);
        self::assertSame(['h', 'min', '6', '1', '0', '3', '4', '5', '−'], $this->texts($full));
        self::assertSame(['h', 'min'], $this->texts(ColumnsDrawing::of($first, Scaffold::Outline)));
        self::assertSame([], $this->texts(ColumnsDrawing::paper()));
        // 70 above the 10, and above its digits the 6 and the 10 that are left when a ten of it is exchanged
        self::assertSame(['h', 'min', '6', '5', '1', '0', '7', '0', '6', '10', '3', '4', '5', '−', '2', '2', '5', '60 + 10 = 70'], $this->texts(ColumnsDrawing::of($last, Scaffold::Full, true)));
    }

    public function testALineToFillShowsWhatIsGivenAndNoMore(): void
    {
        [$first, $last] = $this->pictures('1:50 pm + 3 h 30 min', 'number-line');
        self::assertInstanceOf(LinePicture::class, $first);
        self::assertInstanceOf(LinePicture::class, $last);
        self::assertSame(['1:50'], $this->texts(LineDrawing::of($first, $last, Scaffold::Full)));
        self::assertSame(['1:50'], $this->texts(LineDrawing::of($first, $last, Scaffold::Outline)));
        self::assertSame(['1:50', '2:00', '5:00', '5:20', '+ 10 min', '+ 3 h', '+ 20 min'], $this->texts(LineDrawing::of($first, $last, Scaffold::Full, true)));
        // two times given: both stand on the line
        [$first, $last] = $this->pictures('9:20 am to 1:05 pm', 'number-line');
        self::assertInstanceOf(LinePicture::class, $first);
        self::assertInstanceOf(LinePicture::class, $last);
        self::assertSame(['9:20', '1:05'], $this->texts(LineDrawing::of($first, $last, Scaffold::Full)));
    }

    /** The hands of every five minutes stand where geometry has them, and a face to draw on has none. */
    public function testTheHandsOnPaper(): void
    {
        for ($m = 0; $m < 720; $m += 5) {
            $paths = [];
            foreach ($this->parsed(ClockDrawing::of(StatedTime::of(TimeOfDay::ofMinutes($m))))->getElementsByTagName('path') as $path) {
                if (str_starts_with($path->getAttribute('d'), 'M22 22L')) {
                    $paths[] = array_map(floatval(...), explode(' ', substr($path->getAttribute('d'), 7)));
                }
            }
            self::assertCount(2, $paths);
            foreach ([[$paths[0], $m / 2, 10.2], [$paths[1], $m % 60 * 6, 17.6]] as [$end, $degrees, $long]) {
                self::assertEqualsWithDelta(22 + $long * sin(deg2rad($degrees)), $end[0], 0.002);
                self::assertEqualsWithDelta(22 - $long * cos(deg2rad($degrees)), $end[1] ?? 0, 0.002);
            }
        }
        self::assertStringNotContainsString('M22 22L', ClockDrawing::of(null));
        self::assertSame(array_map(strval(...), range(1, 12)), $this->texts(ClockDrawing::of(null)));
    }

    /** Faces side by side are level: a face without a label is as high as its neighbour with one, and drawn at the same place. */
    public function testAFaceToDrawOnIsLevelWithTheOneBesideIt(): void
    {
        $labelled = $this->parsed(ClockDrawing::of(StatedTime::of(TimeOfDay::ofMinutes(945)), 36, 'p.m.'));
        $empty = $this->parsed(ClockDrawing::of(null, 36, level: true));
        $alone = $this->parsed(ClockDrawing::of(null, 36));
        self::assertSame([$labelled->getAttribute('height'), $labelled->getAttribute('viewBox')], [$empty->getAttribute('height'), $empty->getAttribute('viewBox')]);
        self::assertLessThan((float) $empty->getAttribute('height'), (float) $alone->getAttribute('height'));
        self::assertSame('A clock face to draw the hands on', $empty->getAttribute('aria-label'));
    }

    /** On no line that can be drawn for a rung do labels run into each other or out of the drawing. */
    public function testLabelsOnALineKeepClearOfEachOther(): void
    {
        $drawn = 0;
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                foreach (Core::get(Generator::class)->draw($rung, $level, 25, 3)->sums as $sum) {
                    $text = Core::get(Forms::class)->write($sum, Writer::plain());
                    foreach (Core::get(Workbench::class)->work($text)->methods as $method) {
                        $first = $method->steps[0]->picture;
                        $last = $method->steps[\count($method->steps) - 1]->picture;
                        if ($first instanceof LinePicture && $last instanceof LinePicture) {
                            foreach ([true, false] as $solved) {
                                $this->assertClear(LineDrawing::of($first, $last, Scaffold::Full, $solved), $text.', '.$method->id);
                                ++$drawn;
                            }
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(2000, $drawn);
    }

    /** Nor in columns, with two numbers to four and every pair of neighbouring units: digits, heads, side sums. */
    public function testWhatStandsInColumnsKeepsClearAndWithinTheSquares(): void
    {
        $sums = ['2 weeks 3 days + 5 weeks 6 days', '3 years 10 months - 1 year 11 months', '5 min 20 s + 3 min 50 s', '2 days 20 h + 1 day 9 h', '12 h 45 min + 11 h 50 min + 10 h 59 min', '4 x 2 h 45 min'];
        foreach (['add-plain', 'add-regroup', 'subtract-regroup', 'add-many', 'scale-and-share', 'how-long-across-hours', 'across-midnight'] as $id) {
            foreach (Level::cases() as $level) {
                foreach (Core::get(Generator::class)->draw(Core::get(Ladder::class)->rung($id), $level, 25, 3)->sums as $sum) {
                    $sums[] = Core::get(Forms::class)->write($sum, Writer::plain());
                }
            }
        }
        $drawn = 0;
        foreach ($sums as $text) {
            foreach (Core::get(Workbench::class)->work($text)->methods as $method) {
                $first = $method->steps[0]->picture;
                $last = $method->steps[\count($method->steps) - 1]->picture;
                if ($first instanceof ColumnsPicture && $last instanceof ColumnsPicture) {
                    $this->assertClear(ColumnsDrawing::of($first, Scaffold::Full), $text);
                    $this->assertClear(ColumnsDrawing::of($last, Scaffold::Full, true), $text.', worked');
                    ++$drawn;
                }
            }
        }
        self::assertGreaterThan(400, $drawn);
    }

    private function assertClear(string $svg, string $what): void
    {
        $rows = [];
        $height = (float) $this->parsed($svg)->getAttribute('height');
        foreach ($this->parsed($svg)->getElementsByTagName('text') as $text) {
            $width = mb_strlen($text->textContent) * (float) $text->getAttribute('font-size') * 0.53;
            $x = (float) $text->getAttribute('x');
            $from = match ($text->getAttribute('text-anchor')) {
                'start' => $x,
                'end' => $x - $width,
                default => $x - $width / 2,
            };
            $rows[$text->getAttribute('y')][] = [$from, $from + $width];
            self::assertLessThan($height, (float) $text->getAttribute('y'), $what);
        }
        foreach ($rows as $row) {
            sort($row);
            foreach ($row as $i => [$from, $to]) {
                self::assertGreaterThanOrEqual($row[$i - 1][1] ?? -0.3, $from, $what);
                self::assertLessThanOrEqual(84.3, $to, $what);
            }
        }
    }

    /** Where a line ends, no number is parted from its unit, and no time from its half of the day. */
    public function testNumbersAndTheirUnitsStayTogether(): void
    {
        self::assertSame("7:50\u{a0}a.m. and 7.15\u{a0}pm, 12\u{a0}noon", Drawings::together('7:50 a.m. and 7.15 pm, 12 noon'));
        self::assertSame("2\u{a0}h 15\u{a0}min, 1\u{a0}day, 4 samples", Drawings::together('2 h 15 min, 1 day, 4 samples'));
        self::assertSame('', Drawings::together(null));
    }
}
