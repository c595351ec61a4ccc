<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Board;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Board\ClockSettingReader;
use Rostik\Core\Board\ClockSettingTime;
use Rostik\Core\Board\DayTable;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Picture\LineJump;
use Rostik\Core\Picture\MonthPage;
use Rostik\Core\Tests\Core;

/** What is typed to stand on the open clock. */
final class ClockSettingTest extends TestCase
{
    /** @param list<array{int, bool}> $times */
    #[DataProvider('times')]
    public function testATimeSetsTheClock(string $typed, array $times, ?string $or = null): void
    {
        $setting = Core::get(ClockSettingReader::class)->read($typed, 540, 2026);
        self::assertNotNull($setting, $typed);
        self::assertSame($times, array_map(static fn (ClockSettingTime $one): array => [$one->at, $one->halfSaid], $setting->times), $typed);
        self::assertSame($or, $setting->or);
    }

    /** @return iterable<array{0: string, 1: list<array{int, bool}>, 2?: string}> minutes since midnight, and whether the half was said */
    public static function times(): iterable
    {
        yield ['3:50 pm', [[950, true]]];
        yield ['ten to four', [[950, false]]];
        yield ['15:50', [[950, true]]];
        yield ['half past 8', [[510, false]]];
        yield ['Half past 8?', [[510, false]]];
        yield ['what time is half past 8', [[510, false]]];
        yield ['show quarter to seven', [[405 + 720, false]]];
        yield ['twenty past seven in the morning', [[440, true]]];
        yield ['noon', [[720, true]]];
        yield ['12 midnight', [[0, true]]];
        yield ['7 o’clock', [[420, false]]];
        yield ['1350', [[830, true]]];
        yield ['3:50 pm and 4:20 pm', [[950, true], [980, true]]];
        yield ['ten to four, half past 8', [[950, false], [510, false]]];
        yield ['6.40 a.m. or 6.40 p.m.', [[400, true], [1120, true]]];
        // four digits can be a year, too
        yield ['2026', [[1226, true]], 'year 2026'];
    }

    #[DataProvider('none')]
    public function testWhatIsNoneOfTheseIsLeftToTheSumLine(string $typed): void
    {
        self::assertNull(Core::get(ClockSettingReader::class)->read($typed, 540, 2026), $typed);
    }

    /** @return iterable<array{string}> */
    public static function none(): iterable
    {
        foreach (['', ' ', '7', '3:50 pm + 20 min', '3:50 pm to 4:20 pm', '2 h + 35 min', '14:20 pm', '6:75', 'order 7 am, 8 pm', '7 am, 8 am, 9 am', 'kelp', '3 h later than 4 pm', '0 min', '30 h later', '2 days', 'the ferry goes at ten to four'] as $typed) {
            yield [$typed];
        }
    }

    public function testALengthStandsReadyAndOneWithAWayIsGone(): void
    {
        $reader = Core::get(ClockSettingReader::class);
        $ready = $reader->read('2½ hours', 540, 2026)?->length;
        self::assertSame([150, '2 h 30 min', '2 h 30 min'], [$ready?->minutes, $ready?->typed, Marked::plain($ready->shown ?? '')]);
        $sizes = self::sizes(...);
        foreach (['3 h later, hour by hour', '+ 3 h hour by hour', 'go on by 3 hours, in hours', '3 h, hour by hour'] as $typed) {
            $move = $reader->read($typed, 600, 2026)?->move;
            self::assertSame([600, 780, true, [60, 60, 60]], [$move?->from, $move?->to, $move?->byHours, $sizes($move->hours ?? [])], $typed);
        }
        foreach (['35 min back', 'back 35 min', '- 35 min', '35 minutes ago', 'take away 35 min', '35 min earlier'] as $typed) {
            $move = $reader->read($typed, 615, 2026)?->move;
            self::assertSame([615, 580, [-15, -20]], [$move?->from, $move?->to, $sizes($move->jumps ?? [])], $typed);
            self::assertSame('10:15 a.m. - 35 min', $move?->sum);
        }
        // over midnight, and what changed
        $move = $reader->read('1 h 30 min later', 23 * 60, 2026)?->move;
        self::assertSame(1470, $move?->to);
        self::assertTrue($move->changed->half?->changed);
        self::assertSame('next day', $move->changed->day?->to);
        // one hour is one jump, and never twelve fives
        self::assertSame([60], $sizes($reader->read('1 h later, hour by hour', 600, 2026)?->move->hours ?? []));
    }

    /**
     * @param list<LineJump> $jumps
     *
     * @return list<int>
     */
    private static function sizes(array $jumps): array
    {
        return array_map(static fn (LineJump $one): int => $one->to - $one->from, $jumps);
    }

    public function testAMonthHasItsPageAndAYearItsTwelve(): void
    {
        $titles = static fn (string $typed): array => array_map(static fn (MonthPage $one): string => $one->title, Core::get(ClockSettingReader::class)->read($typed, 540, 2026)->pages ?? []);
        self::assertSame(['October 2026'], $titles('October 2026'));
        self::assertSame(['February 2026'], $titles('february'));
        self::assertSame(['March 1999'], $titles('Mar 1999'));
        self::assertCount(12, $titles('year 2026'));
        self::assertSame('December 1999', $titles('1999')[11]);
        // the first of each month stands where PHP's own calendar has it
        foreach (Core::get(ClockSettingReader::class)->read('year 2028', 540, 2026)->pages ?? [] as $n => $page) {
            self::assertSame((int) (new \DateTimeImmutable(\sprintf('2028-%02d-01', $n + 1)))->format('N') - 1, array_search(1, $page->weeks[0], true));
        }
    }

    public function testAnythingIsAnsweredOrLeftAndQuickly(): void
    {
        mt_srand(20261201);
        $pieces = ['3:50', 'pm', 'ten', 'to', 'four', '2026', 'h', 'min', 'later', 'back', '+', '-', ',', 'and', 'hour by hour', 'October', '٣', '🕐', '999999999999', 'half', 'past', "\0", '½', 'year', '24:20'];
        $began = hrtime(true);
        for ($i = 0; $i < 3000; ++$i) {
            $text = implode(' ', array_map(static fn (): string => $pieces[mt_rand(0, \count($pieces) - 1)], range(0, mt_rand(0, 9))));
            $setting = Core::get(ClockSettingReader::class)->read($text, mt_rand(0, 1439), 2026);
            self::assertTrue(null === $setting || [] !== $setting->times || null !== $setting->length || null !== $setting->move || [] !== $setting->pages, $text);
        }
        Core::get(ClockSettingReader::class)->read(str_repeat('3 h later ', 200), 540, 2026);
        self::assertLessThan(10, (hrtime(true) - $began) / 1e9);
    }

    /** Read out as digits; the numbers are those of the intl extension (Unicode CLDR). */
    public function testTheDigitsOfEveryMinuteAreReadAloud(): void
    {
        $table = DayTable::in(new Style());
        self::assertCount(720, $table->aloud);
        self::assertSame(['twelve o’clock', 'five oh five', 'three fifty', 'eight thirty', 'one twenty-three'], [$table->aloud[0], $table->aloud[305], $table->aloud[230], $table->aloud[510], $table->aloud[83]]);
        $spell = new \NumberFormatter('en_GB', \NumberFormatter::SPELLOUT);
        for ($m = 0; $m < 720; ++$m) {
            self::assertStringStartsWith($spell->format(intdiv($m, 60) ?: 12).' ', $table->aloud[$m]);
            self::assertSame($m % 60 > 0 && $m % 60 < 10, str_contains($table->aloud[$m], ' oh '));
            self::assertTrue(str_ends_with($table->aloud[$m], 0 === $m % 60 ? 'o’clock' : (string) $spell->format($m % 60)));
        }
        self::assertSame(['at night', 'in the morning', 'in the morning', 'in the afternoon', 'in the evening', 'at night'], [$table->parts[0], $table->parts[2], $table->parts[9], $table->parts[15], $table->parts[19], $table->parts[22]]);
    }
}
