<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Time;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Time\ClockHands;
use Rostik\Core\Time\HandsDisagree;
use Rostik\Core\Time\TimeOfDay;

final class ClockHandsTest extends TestCase
{
    /** Every minute of the day through its angles and back, exactly and with shaky hands. */
    public function testEveryMinuteComesBack(): void
    {
        for ($m = 0; $m < 1440; ++$m) {
            $hands = ClockHands::at(TimeOfDay::ofMinutes($m));
            self::assertSame($m % 720, $hands->read(0.01)->minutes);
            self::assertSame($m % 720, ClockHands::set($hands->hour + 5, $hands->minute - 2.9)->read()->minutes);
            self::assertSame($m % 720, ClockHands::set($hands->hour - 5 + 360, $hands->minute + 2.9)->read()->minutes);
        }
    }

    /** Geometry: 0.5 and 6 degrees a minute; the hands coincide 11 times in 12 hours. */
    public function testSpeedsAndMeetings(): void
    {
        $at = static fn (int $m): ClockHands => ClockHands::at(TimeOfDay::ofMinutes($m));
        self::assertSame([97.5, 90.0], [$at(195)->hour, $at(195)->minute]);
        $meetings = 0;
        for ($m = 0; $m < 720; ++$m) {
            $gap = static fn (int $n): float => fmod($at($n)->minute - $at($n % 720)->hour + 360, 360.0);
            // the minute hand gains 5.5 degrees a minute: it has met the hour hand where the gap falls back
            $meetings += 0.0 === $gap($m) || ($gap($m) > 354.5 && 0.0 !== $gap(($m + 1) % 720)) ? 1 : 0;
        }
        self::assertSame(11, $meetings);
    }

    public function testHandsThatCannotBothBeRight(): void
    {
        foreach ([[90.0, 180.0], [105.0, 0.0], [0.0, 180.0]] as [$hour, $minute]) {
            try {
                ClockHands::set($hour, $minute)->read();
                self::fail('These hands disagree.');
            } catch (HandsDisagree $disagree) {
                self::assertSame(15.0, $disagree->off);
                self::assertStringContainsString('cannot both be right', $disagree->getMessage());
            }
        }
    }
}
