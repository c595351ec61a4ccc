<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Printing;

use PHPUnit\Framework\TestCase;
use Rostik\App\Printing\Drawing\DayLineDrawing;
use Rostik\Core\Notation\Style;
use Rostik\Core\Time\HalfOfDay;

/** The line of the day on paper: every hour at its place, by both clocks, along and upright. */
final class DayLineTest extends TestCase
{
    public function testEveryHourStandsWhereItIs(): void
    {
        foreach ([new Style(), new Style(leadingNought: false), new Style(always24: true)] as $style) {
            foreach (HalfOfDay::cases() as $half) {
                foreach ([false, true] as $upright) {
                    $texts = $this->texts(DayLineDrawing::of($half, $upright, $style), $upright);
                    $from = HalfOfDay::Pm === $half ? 12 : 0;
                    for ($i = 0; $i <= 12; ++$i) {
                        $hour = $from + $i;
                        $twelve = (string) (($hour + 11) % 12 + 1);
                        $expected = $style->always24 ? [(string) $hour] : [$twelve, \sprintf($style->leadingNought ? '%02d' : '%d', $hour)];
                        $along = 10 + $i * DayLineDrawing::HOUR;
                        $here = array_values(array_filter($texts, static fn (array $one): bool => abs($one[1] - $along) < 3 && ctype_digit($one[0])));
                        self::assertEqualsCanonicalizing($expected, array_column($here, 0), $hour.' o’clock');
                    }
                    self::assertCount($style->always24 ? 13 : 26, array_filter($texts, static fn (array $one): bool => ctype_digit($one[0])));
                    $named = array_values(array_filter(array_column($texts, 0), static fn (string $text): bool => '' !== $text && !ctype_digit($text)));
                    self::assertSame($style->always24 ? [] : (0 === $from ? ['midnight', 'noon'] : ['noon', 'midnight']), $named);
                }
            }
        }
    }

    public function testThereIsATickForEveryFiveMinutes(): void
    {
        $svg = DayLineDrawing::of(HalfOfDay::Am, false, new Style());
        // and the line itself
        self::assertSame(145 + 1, substr_count($svg, '<path'));
    }

    /** @return list<array{string, float}> what is written, and how far along the line, in mm */
    private function texts(string $svg, bool $upright): array
    {
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML($svg));
        $texts = [];
        foreach ($document->getElementsByTagName('text') as $text) {
            $texts[] = [$text->textContent, (float) $text->getAttribute($upright ? 'y' : 'x')];
        }

        return $texts;
    }
}
