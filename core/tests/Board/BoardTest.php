<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Board;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Board\Asked;
use Rostik\Core\Board\Board;
use Rostik\Core\Board\DayTable;
use Rostik\Core\Board\HandsCheck;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Problem\Operation;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\ClockHands;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\TimeOfDay;

final class BoardTest extends TestCase
{
    /** Whatever the method, the clock begins at the start, ends at the end, and goes one way. */
    public function testTheClockGoesFromStartToEndInEveryMethod(): void
    {
        foreach (['1:50 pm + 3 h 30 min', '10:15 am - 35 min', '12:50 pm - 3 h', '1:10 am - 3 h 30 min', '22:50 to 06:15', '7 am to 7 am', '9:35 am + _ = 11:10 am', '_ - 20 min = 3:10 pm', '1:50 + 20 min', '11:50 pm + 1 h 55 min'] as $text) {
            $board = Core::get(Board::class)->show($text);
            self::assertNotNull($board->clock, $text);
            self::assertCount(\count($board->worked->methods), $board->moments);
            $way = $board->clock->to <=> $board->clock->from;
            foreach ($board->moments as $i => $moments) {
                $method = $board->worked->methods[$i];
                self::assertCount(\count($method->steps), $moments);
                self::assertSame($board->clock->from, $moments[0], $text.' '.$method->id);
                self::assertSame($board->clock->to, $moments[\count($moments) - 1], $text.' '.$method->id);
                // near the hour goes past the end and comes back
                foreach ('near-hour' === $method->id ? [] : \array_slice($moments, 1) as $n => $at) {
                    self::assertGreaterThanOrEqual(0, ($at <=> $moments[$n]) * $way, $text.' '.$method->id);
                }
            }
        }
        self::assertNull(Core::get(Board::class)->show('6 h 10 min - 3 h 45 min')->clock);
        self::assertNull(Core::get(Board::class)->show('9:15 am to 11:40')->clock, 'without a half of the day it depends');
    }

    #[DataProvider('told')]
    public function testWhatIsToldInWordsIsAskedFirst(string $typed, ?Operation $operation): void
    {
        $asked = Core::get(Board::class)->show($typed)->asked;
        self::assertSame(null === $operation ? [] : [[$typed, $operation]], array_map(static fn (Asked $one): array => [$one->question, $one->operation], $asked));
    }

    /** @return iterable<array{string, ?Operation}> */
    public static function told(): iterable
    {
        yield ['35 minutes before 10:15 am', Operation::Subtract];
        yield ['three and a half hours after 1:50 pm', Operation::Add];
        yield ['how long is it from 9 am until 4 pm?', Operation::HowLong];
        yield ['between 7 am and midday', Operation::HowLong];
        yield ['4 h 5 min take away 3 h 25 min', Operation::Subtract];
        yield ['9 in the morning to 4 in the afternoon', Operation::HowLong];
        yield ['1:50 p.m. + 3 h 30 min', null];
        yield ['2h30 plus 4 hours 55 minutes', null];
        yield ['10:15 am - 35 mins', null];
        yield ['12 noon to 12 midnight', null];
        yield ['8 o’clock + 20 min', null];
        yield ['half past 3 as digital', null];
    }

    /** Every minute: digits, 24-hour digits, half and words of the table say the same as the hands. */
    public function testTheTableAgreesWithTheHandsForEveryMinute(): void
    {
        $table = DayTable::in(Style::canonical());
        self::assertCount(1440, $table->digits);
        self::assertCount(720, $table->words);
        self::assertCount(1441, $table->lengths);
        $spell = new \NumberFormatter('en_GB', \NumberFormatter::SPELLOUT);
        for ($m = 0; $m < 1440; ++$m) {
            $read = ClockHands::at(TimeOfDay::ofMinutes($m))->read(0.1);
            $hour = $read->time()->hour12();
            $minute = $read->time()->minute();
            self::assertSame(\sprintf('{h:%d}:{m:%02d}', $hour, $minute), $table->digits[$m]);
            self::assertSame(\sprintf('%02d:%02d', intdiv($m, 60), $m % 60), Marked::plain($table->digits24[$m]));
            self::assertSame($m < 720 ? '{x:a.m.}' : '{x:p.m.}', $table->halves[$m]);
            $named = $minute > 30 ? $hour % 12 + 1 : $hour;
            self::assertStringContainsString((string) $spell->format($named), $table->words[$m % 720]);
            self::assertSame($minute > 30, str_contains($table->words[$m % 720], ' to '), $table->words[$m % 720]);
            self::assertSame(0 === $m ? '0 min' : trim(($m >= 60 ? intdiv($m, 60).' h ' : '').(0 !== $m % 60 ? ($m % 60).' min' : '')), Marked::plain($table->lengths[$m]));
        }
    }

    /** Every clock set as it should be is right; with the hands changed over, or an hour off, it is not. */
    public function testHandsThatWereSet(): void
    {
        for ($m = 0; $m < 720; ++$m) {
            $time = TimeOfDay::ofMinutes($m);
            $hands = ClockHands::at($time);
            self::assertTrue(HandsCheck::of($time, $hands)->right);
            self::assertTrue(HandsCheck::of($time, ClockHands::set($hands->hour + 6, $hands->minute - 2))->right, 'a little off is no matter');
            self::assertFalse(HandsCheck::of($time, ClockHands::set($hands->hour + 30, $hands->minute))->right);
            self::assertFalse(HandsCheck::of($time, ClockHands::set($hands->hour, $hands->minute + 6))->right);
        }
        $say = static fn (int $h, int $m, float $hour, float $minute): string => HandsCheck::of(TimeOfDay::of($h, $m), ClockHands::set($hour, $minute))->say;
        self::assertSame('Yes: 8:37.', $say(8, 37, 258, 222));
        self::assertSame('Look at the two hands: the short one shows the hour, the long one the minutes.', $say(3, 30, 180, 105));
        self::assertSame('The minute hand is right. The hour hand creeps on: at 3:30 it has left the 3.', $say(3, 30, 90, 180));
        self::assertSame('The minute hand is right. The hour hand is not at 5 yet.', $say(4, 45, 150, 270));
        self::assertSame('The hour hand is right. Count on from the top with the minute hand: 5, 10, 15, 20.', $say(1, 20, 40, 24));
        self::assertSame('The minute hand is right. Where is the hour hand at 8:37?', $say(8, 37, 30, 222));
        self::assertSame('This clock shows 6:00.', $say(8, 37, 180, 0));
        self::assertStringStartsWith('These hands cannot both be right', $say(8, 37, 15, 0));
    }

    public function testActivitiesFitOneHalfOrBoth(): void
    {
        $activities = \Rostik\Core\Board\DayActivity::all();
        $both = array_filter($activities, static fn ($a): bool => $a->fits === HalfOfDay::cases());
        self::assertGreaterThanOrEqual(3, \count($both), 'some fit both halves');
        self::assertSame(\count($activities), \count(array_unique(array_map(static fn ($a): string => $a->name, $activities))));
    }
}
