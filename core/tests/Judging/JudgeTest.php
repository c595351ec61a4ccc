<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Judging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Judging\Judge;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Tests\Core;

final class JudgeTest extends TestCase
{
    #[DataProvider('written')]
    public function testWhatChildrenWrite(string $sum, string $written, string $verdict, string $fits = '', ?string $read = null): void
    {
        $judged = Core::get(Judge::class)->judge(Core::get(SumReader::class)->read($sum)->sum, $written);
        self::assertSame([$verdict, $fits], [$judged->verdict->value, implode(' ', $judged->fits).($judged->slip ? 'slip' : '')]);
        if (null !== $read) {
            self::assertSame($read, $judged->given?->text());
        }
    }

    /** @return iterable<array{0: string, 1: string, 2: string, 3?: string, 4?: string}> */
    public static function written(): iterable
    {
        $total = '2 h 20 min + 4 h 55 min';
        yield [$total, '7h15', 'right'];
        yield [$total, '7 h 15 min', 'right'];
        yield [$total, 'seven hours fifteen minutes', 'right'];
        yield [$total, '7 hours and 15 mins', 'right'];
        yield [$total, 'PT7H15M', 'right'];
        yield [$total, '~~6 h~~ 7 h 15', 'right'];
        yield [$total, '7 15', 'incomplete', '', '7 15'];
        yield [$total, '7:15', 'incomplete'];
        yield [$total, '7.15', 'incomplete'];
        yield [$total, '435', 'incomplete'];
        yield [$total, '435 min', 'other-form'];
        yield [$total, '7¼ hours', 'other-form'];
        yield [$total, '6h 75', 'wrong', 'hundred-minutes leaves-over-sixty', '6 h 75 min'];
        yield [$total, '6.75', 'wrong', 'hundred-minutes leaves-over-sixty'];
        yield [$total, '6 h 15', 'wrong', 'drops-the-carry'];
        yield [$total, '8 h 15 min', 'wrong', 'slip'];
        yield [$total, '7 h 20 min', 'wrong', 'slip'];
        yield [$total, '7 h 14 min', 'wrong', 'slip'];
        yield [$total, '3 h', 'wrong'];
        foreach (['', '  ', '-', '?', '~~6 h~~', '...'] as $nothing) {
            yield [$total, $nothing, 'blank'];
        }
        yield [$total, 'blah', 'unreadable'];
        yield [$total, '7 bananas', 'unreadable'];
        yield [$total, '7 h 15 h', 'unreadable'];
        yield [$total, "\xff\xfe", 'unreadable'];
        yield [$total, str_repeat('7', 300), 'unreadable'];
        $later = '1:50 pm + 3 h 30 min';
        yield [$later, '5:20 pm', 'right'];
        yield [$later, '520 pm', 'right'];
        yield [$later, '5 20 p.m.', 'right'];
        yield [$later, '5:20', 'incomplete'];
        yield [$later, 'twenty past 5', 'incomplete'];
        yield [$later, 'twenty past 5 in the afternoon', 'other-form'];
        yield [$later, '17:20', 'other-form'];
        yield [$later, '4:80 pm', 'wrong', 'hundred-minutes leaves-over-sixty', '4:80 p.m.'];
        yield [$later, '4.80', 'wrong', 'hundred-minutes leaves-over-sixty'];
        yield [$later, '5:20 am', 'wrong', 'flips-am-pm'];
        yield [$later, '6:20 pm', 'wrong', 'slip'];
        yield [$later, '5', 'wrong', 'forgets-last-jump'];
        $over = '10:15 pm + 3 h';
        yield [$over, '1:15 am', 'right', '', '1:15 a.m.'];
        foreach (['1:15 am (next day)', '1:15 a.m. next day', '1.15am (the next day)', '1:15 am, the following day', '1:15 a.m. (1 day later)'] as $day) {
            yield [$over, $day, 'right', '', '1:15 a.m.'];
        }
        yield [$over, '01:15 the next day', 'other-form'];
        yield [$over, '1:15 next day', 'incomplete'];
        yield [$over, '1:15 am (the day before)', 'wrong'];
        yield [$over, '1:15 am (2 days later)', 'wrong'];
        yield ['1:15 am - 3 h', '10:15 pm (the day before)', 'right', '', '10:15 p.m.'];
        yield ['1:15 am - 3 h', '10:15 pm (previous day)', 'right'];
        yield ['1:15 am - 3 h', '10:15 pm (next day)', 'wrong'];
        yield [$later, '5:20 pm next day', 'wrong'];
        yield ['1:50 pm + 2 days', '1:50 pm (2 days later)', 'right'];
        yield ['7:55 am + 45 min', '8:100 am', 'wrong', 'keeps-the-sixty', '8:100 a.m.'];
        yield ['11:30 am + 2 h', '13:30 pm', 'wrong', 'past-twelve', '13:30 p.m.'];
        yield ['11:30 am + 2 h', '13:30', 'other-form'];
        yield ['1:50 + 20 min', '2:10', 'right'];
        yield ['10:00 hours + 35 min', '10:35', 'right'];
        yield ['22:10 + 1 h', '11:10', 'incomplete'];
        yield ['22:10 + 1 h', '11:10 pm', 'other-form'];
        yield ['22:50 to 06:15', '8h25', 'wrong', 'borrows-without-paying hours-from-the-start'];
        yield ['11:00 pm + 2 h', '1:00 am', 'right'];
        yield ['3 days ? 70 h', 'longer', 'right'];
        yield ['3 days ? 70 h', '<', 'wrong', 'number-only'];
        yield ['order 7:40 am, 7 pm, 7 am', '7 am, 7:40 am, 7 pm', 'right'];
        yield ['order 7:40 am, 7 pm, 7 am', 'c a b', 'right'];
        yield ['order 7:40 am, 7 pm, 7 am', '3 1 2', 'right'];
        yield ['order 7:40 am, 7 pm, 7 am', 'a b c', 'wrong'];
        yield ['order 7:40 am, 7 pm, 7 am', 'a a b', 'unreadable'];
        yield ['order 2 h, 30 min', '30 min, 2 h', 'right'];
        yield ['105 min in h min', '1 h 45 min', 'right'];
        yield ['105 min in h min', '1.45', 'incomplete'];
        yield ['105 min in h min', '105 min', 'wrong'];
        yield ['2 h 25 min in min', '145', 'incomplete'];
        yield ['2 h 25 min in min', '225', 'wrong', 'hundred-minutes'];
        yield ['8:37 am as words', '23 minutes to 9', 'right'];
        yield ['8:37 am as words', 'twenty-three minutes past nine', 'wrong', 'to-as-past'];
        yield ['1:20 pm as 24h', '1320', 'right'];
        yield ['1:20 pm as 24h', '1:20 pm', 'wrong'];
        yield ['12:10 pm as 24h', '12:10', 'right'];
        yield ['17:05 as 12h', '5:05', 'incomplete'];
        yield ['17:05 as 12h', '7:05 pm', 'wrong', 'takes-ten'];
        yield ['5 h - 2 h', '3', 'incomplete'];
        yield ['5 h - 2 h', '3:00', 'incomplete'];
        yield ['5 h - 2 h', '180 min', 'other-form'];
        yield ['1 month in days', '30', 'unreadable'];
    }
}
