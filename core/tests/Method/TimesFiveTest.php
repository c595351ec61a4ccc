<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Method;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Board\HandsCheck;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\ClockHands;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Work\Workbench;

/** A class that reads the minutes of a numeral by five times it, beside one that counts fives: every time of twelve hours. */
final class TimesFiveTest extends TestCase
{
    public function testEveryTimeIsReadByFiveTimesTheNumeral(): void
    {
        $bench = Core::get(Workbench::class);
        foreach ([new Style(), new Style(timesFive: true)] as $style) {
            for ($minute = 0; $minute < 60; ++$minute) {
                $hour = $minute % 12 + 1;
                $text = \sprintf('%d:%02d as digital', $hour, $minute);
                foreach ($bench->work($text, $style)->methods as $method) {
                    if ('fives' === $method->id) {
                        $said = Marked::plain(implode(' ', array_map(static fn ($step) => $step->say, $method->steps)));
                        $expected = \sprintf('5 × %d = %d', intdiv($minute, 5), 5 * intdiv($minute, 5));
                        self::assertSame($style->timesFive && $minute >= 5, str_contains($said, $expected.'.'), $text.': '.$said);
                        self::assertSame(!$style->timesFive && $minute >= 5, str_contains($said, 'Count fives'), $text.': '.$said);
                        self::assertSame(0 !== $minute % 5 && $minute > 5, str_contains($said, 'has passed the '.intdiv($minute, 5).':') || str_contains($said, ' more minute') || str_contains($said, 'single minutes: '), $text.': '.$said);
                    }
                }
            }
        }
    }

    public function testAHandThatIsWrongIsHelpedInTheClassesWay(): void
    {
        $say = static fn (int $minutes, Style $style, bool $inWords = false): string => HandsCheck::of(TimeOfDay::ofMinutes($minutes), ClockHands::set(ClockHands::at(TimeOfDay::ofMinutes($minutes))->hour, 0), $style, $inWords)->say;
        self::assertSame('The hour hand is right. Think of five times a numeral: 5 × 8 = 40, then 41, 42.', $say(222, new Style(timesFive: true)));
        self::assertSame('The hour hand is right. Think of five times a numeral: 5 × 5 = 25.', $say(205, new Style(timesFive: true)));
        self::assertStringContainsString('Count on from the top', $say(205, new Style()));
        // in words, "to" is counted back from the top: that is no five times a numeral
        self::assertStringContainsString('Count back from the top', $say(235, new Style(timesFive: true), true));
    }
}
