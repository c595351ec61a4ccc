<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Method;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Method\Step;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

/** Some schools total both columns before they take 60 off and add 1 to the hours. */
final class TotalsFirstTest extends TestCase
{
    public function testBothColumnsAreTotalledFirst(): void
    {
        $steps = $this->columns('3 h 40 min + 2 h 45 min', new Style(totalsFirst: true));
        self::assertSame([
            'Minutes: 40 + 45 = 85.',
            'Hours: 3 + 2 = 5.',
            '85 is 60 or more: take 60 min off, and add 1 h to the hours.',
        ], array_map(static fn (Step $step): string => Marked::plain($step->say), \array_slice($steps, 1, 3)));
        $answers = array_map(static fn (Step $step): array => $step->picture instanceof ColumnsPicture ? $step->picture->answer : [], $steps);
        self::assertSame([['', '85'], ['5', '85'], ['6', '25']], \array_slice($answers, 1, 3));
        // nothing regroups: nothing is taken off
        self::assertStringNotContainsString('off', implode(' ', array_map(static fn (Step $step): string => $step->say, $this->columns('2 h 20 min + 1 h 15 min', new Style(totalsFirst: true)))));
    }

    public function testItComesToTheSameAsCarrying(): void
    {
        $bench = Core::get(Workbench::class);
        for ($i = 0; $i < 400; ++$i) {
            $text = match ($i % 4) {
                0 => \sprintf('%d h %d min + %d h %d min', $i % 11 + 1, $i * 7 % 60, $i % 5 + 1, $i * 13 % 60),
                1 => \sprintf('%d h %d min + %d h %d min + %d min', $i % 7 + 1, $i * 11 % 60, $i % 3 + 1, $i * 17 % 60, $i * 19 % 59 + 1),
                2 => \sprintf('%d x %d h %d min', $i % 8 + 2, $i % 4 + 1, $i * 23 % 59 + 1),
                default => \sprintf('%d:%02d pm + %d h %d min', $i % 11 + 1, $i * 29 % 60, $i % 6 + 1, $i * 31 % 60),
            };
            $answers = [];
            foreach ([new Style(), new Style(totalsFirst: true)] as $style) {
                foreach ($bench->work($text, $style)->methods as $method) {
                    if ('column' === $method->id) {
                        $answers[] = $method->answer;
                        $last = $method->steps[\count($method->steps) - 1]->picture;
                        self::assertInstanceOf(ColumnsPicture::class, $last);
                        $answers[] = implode(' ', $last->answer);
                    }
                }
            }
            self::assertCount(4, $answers, $text);
            self::assertSame(\array_slice($answers, 0, 2), \array_slice($answers, 2), $text);
        }
    }

    /** @return list<Step> */
    private function columns(string $text, Style $style): array
    {
        foreach (Core::get(Workbench::class)->work($text, $style)->methods as $method) {
            if ('column' === $method->id) {
                return $method->steps;
            }
        }
        self::fail($text);
    }
}
