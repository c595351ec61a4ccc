<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Mistake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Mistake\Judge;
use Rostik\Core\Notation\SumReader;

final class JudgeTest extends TestCase
{
    #[DataProvider('written')]
    public function testWhatChildrenWrite(string $sum, string $written, string $verdict, string $fits = '', ?string $read = null): void
    {
        $judged = Judge::standard()->judge(SumReader::standard()->read($sum)->sum, $written);
        self::assertSame([$verdict, $fits], [$judged->verdict->value, implode(' ', $judged->fits).($judged->slip ? 'slip' : '')]);
        if (null !== $read) {
            self::assertSame($read, $judged->given?->text());
        }
    }

    /** @return iterable<array{0: string, 1: string, 2: string, 3?: string, 4?: string}> */
    public static function written(): iterable
    {
        $total = '2 h 30 min + 4 h 45 min';
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
        $later = '3:45 pm + 2 h 30 min';
        yield [$later, '6:15 pm', 'right'];
        yield [$later, '615 pm', 'right'];
        yield [$later, '6 15 p.m.', 'right'];
        yield [$later, '6:15', 'incomplete'];
        yield [$later, 'quarter past 6', 'incomplete'];
        yield [$later, 'quarter past 6 in the evening', 'other-form'];
        yield [$later, '18:15', 'other-form'];
        yield [$later, '5:75 pm', 'wrong', 'hundred-minutes leaves-over-sixty', '5:75 p.m.'];
        yield [$later, '5.75', 'wrong', 'hundred-minutes leaves-over-sixty'];
        yield [$later, '6:15 am', 'wrong', 'flips-am-pm'];
        yield [$later, '7:15 pm', 'wrong', 'slip'];
        yield [$later, '6', 'wrong'];
        yield ['7:55 am + 45 min', '8:100 am', 'wrong', 'keeps-the-sixty', '8:100 a.m.'];
        yield ['11:30 am + 2 h', '13:30 pm', 'wrong', 'past-twelve', '13:30 p.m.'];
        yield ['11:30 am + 2 h', '13:30', 'other-form'];
        yield ['3:45 + 20 min', '4:05', 'right'];
        yield ['10:00 hours + 35 min', '10:35', 'right'];
        yield ['22:10 + 1 h', '11:10', 'incomplete'];
        yield ['22:10 + 1 h', '11:10 pm', 'other-form'];
        yield ['22:50 to 06:15', '8h25', 'wrong', 'borrows-without-paying'];
        yield ['11:00 pm + 2 h', '1:00 am', 'right'];
        yield ['2 days ? 40 h', 'longer', 'right'];
        yield ['2 days ? 40 h', '<', 'wrong', 'number-only'];
        yield ['order 9:15 am, 9 pm, 9 am', '9 am, 9:15 am, 9 pm', 'right'];
        yield ['order 9:15 am, 9 pm, 9 am', 'c a b', 'right'];
        yield ['order 9:15 am, 9 pm, 9 am', '3 1 2', 'right'];
        yield ['order 9:15 am, 9 pm, 9 am', 'a b c', 'wrong'];
        yield ['order 9:15 am, 9 pm, 9 am', 'a a b', 'unreadable'];
        yield ['order 2 h, 30 min', '30 min, 2 h', 'right'];
        yield ['95 min in h min', '1 h 35 min', 'right'];
        yield ['95 min in h min', '1.35', 'incomplete'];
        yield ['95 min in h min', '95 min', 'wrong'];
        yield ['2 h 25 min in min', '145', 'incomplete'];
        yield ['2 h 25 min in min', '225', 'wrong', 'hundred-minutes'];
        yield ['7:42 am as words', '18 minutes to 8', 'right'];
        yield ['7:42 am as words', 'eighteen minutes past eight', 'wrong', 'to-as-past'];
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
