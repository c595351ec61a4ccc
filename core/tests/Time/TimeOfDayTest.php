<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Time;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Time\NoSuchTime;
use Rostik\Core\Time\TimeOfDay;

final class TimeOfDayTest extends TestCase
{
    /** Source of the 12-hour and 24-hour forms: Unicode CLDR by way of PHP's intl extension. All 1440 minutes. */
    public function testHoursAndHalvesAgreeWithIntl(): void
    {
        $twelve = new \IntlDateFormatter('en_US', timezone: 'UTC', pattern: 'h:mm a');
        $twentyFour = new \IntlDateFormatter('en_GB', timezone: 'UTC', pattern: 'HH:mm');
        for ($m = 0; $m < 1440; ++$m) {
            $time = TimeOfDay::of(intdiv($m, 60), $m % 60);
            self::assertSame($twelve->format($m * 60), \sprintf('%d:%02d %s', $time->hour12(), $time->minute(), 'a.m.' === $time->half()->value ? 'AM' : 'PM'));
            self::assertSame($twentyFour->format($m * 60), \sprintf('%02d:%02d', $time->hour(), $time->minute()));
            self::assertTrue($time->equals(TimeOfDay::of12($time->hour12(), $time->minute(), $time->half())));
        }
    }

    public function testMinutesWrapToOneDay(): void
    {
        self::assertSame(1439, TimeOfDay::ofMinutes(-1)->minutes);
        self::assertSame(0, TimeOfDay::ofMinutes(2880)->minutes);
    }

    #[DataProvider('noSuchTimes')]
    public function testTimesThatDoNotExist(int $hour, int $minute, string $reason): void
    {
        try {
            TimeOfDay::of($hour, $minute);
            self::fail('There is no such time.');
        } catch (NoSuchTime $none) {
            self::assertSame($reason, $none->reason);
        }
    }

    /** @return iterable<array{int, int, string}> */
    public static function noSuchTimes(): iterable
    {
        yield [24, 0, 'hour-over-23'];
        yield [24, 10, 'hour-over-23'];
        yield [99, 0, 'hour-over-23'];
        yield [3, 60, 'minute-over-59'];
        yield [3, 61, 'minute-over-59'];
    }
}
