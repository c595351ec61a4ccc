<?php

declare(strict_types=1);

namespace Rostik\Core\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Time\ClockHands;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Work\Workbench;

/** Published values and facts of geometry, each with its source. */
final class CheckValuesTest extends TestCase
{
    #[DataProvider('values')]
    public function testValues(string $sum, string $answer): void
    {
        self::assertSame($answer, Core::get(Workbench::class)->work($sum)->answer?->text);
    }

    /** @return iterable<string, array{string, string}> */
    public static function values(): iterable
    {
        // SI Brochure, 9th edition, table 8: 1 min = 60 s, 1 h = 60 min = 3600 s, 1 d = 24 h = 86 400 s
        yield 'minute in seconds' => ['1 min in s', '60 s'];
        yield 'hour in minutes' => ['1 h in min', '60 min'];
        yield 'hour in seconds' => ['1 h in s', '3600 s'];
        yield 'day in hours' => ['1 day in h', '24 h'];
        yield 'day in minutes' => ['1 day in min', '1440 min'];
        yield 'day in seconds' => ['1 day in s', '86400 s'];
        // Gregorian calendar: 7 days, 12 months, 365 or 366 days, 28 to 31 days
        yield 'week in days' => ['1 week in days', '7 days'];
        yield 'year in months' => ['1 year in months', '12 months'];
        yield 'year in days' => ['1 year in days', '365 or 366 days'];
        yield 'year in weeks' => ['1 year in weeks', '52 weeks and 1 or 2 days'];
        yield 'month in days' => ['1 month in days', '28 to 31 days'];
        yield 'month in weeks' => ['1 month in weeks', '4 weeks to 4 weeks 3 days'];
        yield 'four years in days: one leap year, or none about a century' => ['4 years in days', '1460 or 1461 days'];
        yield 'four hundred years' => ['400 years in days', '146097 days'];
        // Unicode CLDR: 12:00 a.m. is 00:00 and 12:00 p.m. is 12:00
        yield 'midnight' => ['12:00 am as 24h', '00:00'];
        yield 'noon' => ['12:00 pm as 24h', '12:00'];
        yield 'half past midnight' => ['12:30 am as 24h', '00:30'];
        yield 'half past noon' => ['12:30 pm as 24h', '12:30'];
        // ISO 8601: midnight at the start of a day is 00:00
        yield 'the start of a day' => ['00:00 + 1 min', '00:01'];
    }

    /** ISO 8601: lengths are written PnDTnHnM. PHP's own reader of that notation gives the same numbers. */
    public function testLengthsInIso8601(): void
    {
        $here = new \DateTimeImmutable('2026-01-01 00:00 UTC');
        foreach ([
            '2 h 30 min + 4 h 45 min' => ['PT2H30M', 'PT4H45M', 'PT7H15M'],
            '2 min 40 s + 35 s' => ['PT2M40S', 'PT35S', 'PT3M15S'],
            '1 day 20 h + 10 h' => ['P1DT20H', 'PT10H', 'P2DT6H'],
            '1 year 4 months + 9 months' => ['P1Y4M', 'P9M', 'P2Y1M'],
        ] as $sum => [$first, $second, $iso]) {
            $answer = Core::get(Workbench::class)->work($sum)->answer;
            self::assertSame($iso, $answer?->value);
            $then = $here->add(new \DateInterval($first))->add(new \DateInterval($second));
            self::assertEquals($then, $here->add(new \DateInterval($iso)), 'one after the other as both together');
            if (null !== $answer->seconds) {
                self::assertSame($then->getTimestamp() - $here->getTimestamp(), $answer->seconds);
            }
        }
    }

    /** Geometry: half a degree and six degrees a minute; the hands meet 11 times in twelve hours. */
    public function testTheHands(): void
    {
        self::assertSame(0.5, ClockHands::at(TimeOfDay::of(0, 1))->hour);
        self::assertSame(6.0, ClockHands::at(TimeOfDay::of(0, 1))->minute);
        self::assertSame(105.0, ClockHands::at(TimeOfDay::of(3, 30))->hour);
        $meetings = 0;
        for ($m = 0; $m < 720; ++$m) {
            $a = ClockHands::at(TimeOfDay::ofMinutes($m));
            $b = ClockHands::at(TimeOfDay::ofMinutes($m + 1));
            $gap = static fn (ClockHands $h): float => fmod($h->minute - $h->hour + 360, 360);
            // the minute hand catches up within this minute, or stands on the hour hand at its beginning
            if (0.0 === $gap($a) || ($gap($a) > 350 && $gap($b) > 0 && $gap($b) < 10)) {
                ++$meetings;
            }
        }
        self::assertSame(11, $meetings);
    }
}
