<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Board;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Board\Clocks;
use Rostik\Core\Board\Fineness;
use Rostik\Core\Board\HandsCheck;
use Rostik\Core\Board\OwnTimes;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Time\ClockHands;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

final class ClocksTest extends TestCase
{
    /** O'clocks first, then halves, quarters, fives, single minutes: each mostly of its own, some of what came before. */
    public function testClocksAreAsFineAsIsWanted(): void
    {
        $known = [];
        foreach (Fineness::cases() as $fineness) {
            $before = $fineness->before();
            for ($seed = 1; $seed <= 200; ++$seed) {
                $drawn = Clocks::draw($fineness, 20, $seed);
                self::assertSame($drawn, Clocks::draw($fineness, 20, $seed));
                self::assertSame($drawn, array_values(array_unique($drawn)), 'no two the same');
                $own = array_filter($drawn, static fn (int $at): bool => \in_array($at % 60, $fineness->minutes(), true));
                self::assertGreaterThanOrEqual(0.7 * \count($drawn), \count($own));
                foreach (array_diff($drawn, $own) as $at) {
                    self::assertContains($at % 60, $before?->minutes() ?? []);
                }
            }
            self::assertSame([], array_intersect($known, $fineness->minutes()));
            $known = [...$known, ...$fineness->minutes()];
        }
        sort($known);
        self::assertSame(range(0, 59), $known, 'together they are all minutes of the hour');
    }

    public function testAListOutOfTheBookIsRead(): void
    {
        $read = static fn (string $typed): array => array_map(static fn (StatedTime $time): int => $time->minutes % 720, OwnTimes::read($typed));
        self::assertSame([230, 230, 510, 0, 437], $read("3:50\n2. ten to four\r\n• half past 8, noon;\n c) 7.17 pm\n\n"));
        self::assertSame([], $read(" \n, "));
        foreach (["3:50\nlunch" => 'lunch', '6:75' => '6:75', "7:00\n2 h" => '2 h'] as $typed => $named) {
            try {
                OwnTimes::read($typed);
                self::fail($typed);
            } catch (NotUnderstood $no) {
                self::assertStringContainsString($named, $no->getMessage());
            }
        }
        $this->expectException(NotUnderstood::class);
        OwnTimes::read(str_repeat("3:50\n", 61));
    }

    /** The hint counts to the place, back from the top where one says "to", and gives no digits where words are asked for. */
    public function testTheHintCountsAndDoesNotTell(): void
    {
        $say = static fn (int $wanted, float $hour, float $minute, bool $inWords): string => HandsCheck::of(TimeOfDay::ofMinutes($wanted), ClockHands::set($hour, $minute), new Style(), $inWords)->say;
        self::assertSame('The hour hand is right. Count back from the top with the minute hand: 5, 10, 11, 12.', $say(48, 24, 180, true));
        self::assertSame('The hour hand is right. Count on from the top with the minute hand: 5, 10, 15, 20, 21, 22.', $say(202, 101, 0, true));
        for ($wanted = 0; $wanted < 720; $wanted += 7) {
            foreach ([[$wanted / 2, 90.0], [$wanted / 2, 0.0], [$wanted / 2 + 40, $wanted * 6.0], [0.0, 0.0], [123.0, 77.0], [$wanted * 6.0, $wanted / 2]] as [$hour, $minute]) {
                $said = $say($wanted, fmod($hour, 360), fmod($minute, 360), true);
                self::assertSame(0, preg_match('/\d+[:.]\d\d/', $said), $said);
            }
        }
    }
}
