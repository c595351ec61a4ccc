<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Method\Step;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;

/** Worked examples set for this project, in the style of school books: what is said at each step, in every written method. */
final class StepsTest extends TestCase
{
    /** @param list<string> $says */
    #[DataProvider('worked')]
    public function testSteps(string $sum, string $method, array $says): void
    {
        foreach (Core::get(Workbench::class)->work($sum)->methods as $one) {
            if ($one->id === $method) {
                self::assertSame($says, array_map(static fn (Step $s): string => Marked::plain($s->say), $one->steps));

                return;
            }
        }
        self::fail($method.' is not for '.$sum);
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function worked(): iterable
    {
        yield 'in parts, converted when they reach 60' => ['3 h 40 min + 2 h 45 min', 'parts', [
            'Look at the minutes first: do 40 and 45 make 60 or more? Yes: they regroup, so they come first.',
            'Minutes: 40 min + 45 min = 85 min.',
            '85 is 60 or more: 85 min is 1 h 25 min.',
            'Hours: 3 h + 2 h = 5 h.',
            'Put them together: 6 h 25 min.',
        ]];
        yield 'in parts, where nothing regroups' => ['2 h 20 min + 1 h 15 min', 'parts', [
            'Look at the minutes first: do 20 and 15 make 60 or more? No: hours and minutes can be added apart.',
            'Hours: 2 h + 1 h = 3 h.',
            'Minutes: 20 min + 15 min = 35 min.',
            'Put them together: 3 h 35 min.',
        ]];
        yield 'in columns, within one half of the day' => ['9:10 am to 11:35 am', 'column', [
            'The end goes on top, the start below.',
            'Minutes first: 35 − 10 = 25.',
            'Hours: 11 − 9 = 2.',
            'It is 2 h 25 min.',
        ]];
        yield 'hour by hour' => ['11:20 am + 3 h', 'hour-by-hour', [
            'Start at 11:20 a.m.',
            'Add 1 h: 12:20 p.m. The minutes stay. 2 h left to add. 12 noon was passed.',
            'Add 1 h: 1:20 p.m. The minutes stay. 1 h left to add.',
            'Add 1 h: 2:20 p.m. The minutes stay.',
            '1 h + 1 h + 1 h = 3 h. The answer is 2:20 p.m.',
        ]];
        yield 'a table, whose rule is found before it is said' => ['3 h in min', 'table', [
            '1 h is 60 min.',
            '2 h: 120 min.',
            '3 h: 180 min.',
            'What is the rule from the upper row to the lower? It is × 60.',
            '3 h is 180 min.',
        ]];
        yield 'in parts, several times' => ['3 x 1 h 25 min', 'parts', [
            'Minutes: 3 × 25 min = 75 min.',
            '75 is 60 or more: 75 min is 1 h 15 min.',
            'Hours: 3 × 1 h = 3 h.',
            'Put them together: 4 h 15 min.',
        ]];
        yield 'in parts, on the clock' => ['1:50 pm + 3 h 30 min', 'parts', [
            'By the 24-hour clock, 1:50 p.m. is 13:50.',
            'Minutes: 50 + 30 = 80.',
            '80 is 60 or more: 80 min is 1 h 20 min.',
            'Hours: 13 + 3 + 1 = 17.',
            'The answer is 5:20 p.m.',
        ]];
        yield 'near the hour' => ['5 h - 1 h 55 min', 'near-hour', [
            '1 h 55 min is 2 h less 5 min.',
            '5 h − 2 h = 3 h.',
            '3 h + 5 min = 3 h 5 min.',
        ]];
        yield 'near the hour, on the clock' => ['10:20 am + 1 h 55 min', 'near-hour', [
            '1 h 55 min is 2 h less 5 min.',
            '10:20 a.m. + 2 h = 12:20 p.m.',
            'That is 5 min too far, so go back 5 min: 12:15 p.m.',
        ]];
        yield 'all in minutes' => ['6 h 10 min - 3 h 45 min', 'all-minutes', [
            '6 h 10 min = 6 × 60 + 10 = 370 min.',
            '3 h 45 min = 3 × 60 + 45 = 225 min.',
            '370 − 225 = 145 min.',
            'Back into larger units: 2 h 25 min.',
        ]];
        yield 'all in minutes, over midnight' => ['22:50 to 06:15', 'all-minutes', [
            '22:50 is 22 × 60 + 50 = 1370 min after midnight.',
            '06:15 is 6 × 60 + 15 = 375 min after midnight.',
            'The end is on the next day, so add the 1440 minutes of a day: 375 + 1440 = 1815.',
            '1815 − 1370 = 445 min.',
            'Back into larger units: 7 h 25 min.',
        ]];
        yield 'all in minutes, back past midnight' => ['1:10 am - 2 h 30 min', 'all-minutes', [
            '1:10 a.m. is 1 × 60 + 10 = 70 min after midnight.',
            '2 h 30 min = 2 × 60 + 30 = 150 min.',
            'There are too few minutes to take from, so add a day (1440 min) first: 70 + 1440 = 1510.',
            '1510 − 150 = 1360 min.',
            'Back to a time: 10:40 p.m. (the day before).',
        ]];
        yield 'multiplied' => ['2 h 25 min in min', 'multiply-divide', [
            '2 × 60 = 120 min.',
            '120 + 25 = 145 min.',
            '2 h 25 min = 145 min.',
        ]];
        yield 'divided with remainder' => ['105 min in h min', 'multiply-divide', [
            '105 ÷ 60 = 1 h, remainder 45 min.',
            '105 min = 1 h 45 min.',
        ]];
        yield 'shared, each unit in turn' => ['2 h 15 min / 3', 'multiply-divide', [
            '2 h ÷ 3 = 0 h, remainder 2 h.',
            'Change the remainder: 2 h is 120 min.',
            'Add the 15 min: 120 + 15 = 135 min.',
            '135 min ÷ 3 = 45 min.',
            'The answer is 45 min.',
        ]];
        yield 'shared in the smaller unit' => ['2 h 15 min / 3', 'all-minutes', [
            '2 h 15 min = 2 × 60 + 15 = 135 min.',
            '135 ÷ 3 = 45 min.',
            'The answer is 45 min.',
        ]];
        yield 'up to sixty' => ['8:37 as words', 'up-to-sixty', [
            '37 is more than 30: count on to the next hour, 9.',
            'From 37 to the next ten: 3 to 40.',
            'From 40 on to 60: 20. 3 + 20 = 23.',
            'Say: twenty-three minutes to nine.',
        ]];
        yield 'past the hour' => ['4:20 as words', 'up-to-sixty', [
            '20 is not more than 30: say the minutes past 4.',
            'Say: twenty past four.',
        ]];
        yield 'to the 24-hour clock' => ['1:20 pm as 24h', 'place-on-day', [
            'Pin 1:20 p.m. on the day line: it is after noon, p.m.',
            'From 1 p.m. on, add 12 hours: 1 + 12 = 13.',
            'Write it: 13:20.',
        ]];
        yield 'from the 24-hour clock' => ['17:05 as 12h', 'place-on-day', [
            'Pin 17:05 on the day line: it is after noon, p.m.',
            'Take 12 hours off: 17 − 12 = 5, p.m.',
            'Write it: 5:05 p.m.',
        ]];
        yield 'the first hour of the day' => ['12:30 am as 24h', 'place-on-day', [
            'Pin 12:30 a.m. on the day line: it is before noon, a.m.',
            'In the first hour of the day the 24-hour clock writes 00, not 12.',
            'Write it: 00:30.',
        ]];
        yield 'hours first' => ['9:10 am + 2 h 25 min', 'hours-first', [
            'Start at 9:10 a.m.',
            'Add 2 h: 11:10 a.m. The minutes stay. 25 min left to add.',
            'Add the last 25 min: 11:35 a.m.',
            '2 h + 25 min = 2 h 25 min. The answer is 11:35 a.m.',
        ]];
        yield 'fives round the clock, past the 12' => ['3:50 pm + 25 min', 'fives', [
            'Start at 3:50 p.m.: the minute hand is at 50.',
            '5, 10: at the 12, so the hour becomes 4. The clock shows 4:00.',
            '15, 20, 25. The clock shows 4:15.',
            'The answer is 4:15 p.m.',
        ]];
        yield 'step by step, on the clock' => ['9:10 am + 25 min + 40 min', 'step-by-step', [
            '9:10 a.m. + 25 min = 9:35 a.m.',
            '9:35 a.m. + 40 min = 10:15 a.m.',
            'The answer is 10:15 a.m.',
        ]];
        yield 'what is added comes first where there is too little' => ['25 min - 40 min + 2 h', 'step-by-step', [
            'At first there would be too little to take from, so what is added comes first.',
            '25 min + 2 h = 2 h 25 min.',
            '2 h 25 min − 40 min = 1 h 45 min.',
            'The answer is 1 h 45 min.',
        ]];
        yield 'lengths together first' => ['9:10 am + 45 min + 15 min', 'lengths-first', [
            'What goes on, together: 45 min + 15 min = 1 h.',
            'The answer is 10:10 a.m.',
        ]];
        yield 'a whole number and a part' => ['1½ x 40 min', 'whole-and-part', [
            '1 × 40 min = 40 min.',
            'One of 2 equal parts: 40 min ÷ 2 = 20 min.',
            'Both together: 40 min + 20 min = 1 h.',
        ]];
        yield 'a fraction in one unit' => ['1½ x 40 min', 'all-minutes', [
            '1½ is 3 ÷ 2, so multiply by 3: 40 × 3 = 120.',
            '120 ÷ 2 = 60 min.',
            'Back into larger units: 1 h.',
        ]];
        yield 'times at equal distances' => ['every 12 min from 7:50 am, 3 times', 'number-line', [
            'The first is 7:50 a.m. itself.',
            '12 min on: 8:02 a.m.',
            '12 min on: 8:14 a.m.',
            '3 times, and 2 jumps between them: 7:50 a.m., 8:02 a.m., 8:14 a.m.',
        ]];
        yield 'a length marked off' => ['9:40 am to 10:30 am ? 1 h', 'number-line', [
            'Mark the start, 9:40 a.m., and the end, 10:30 a.m.',
            '1 h on from 9:40 a.m. is 10:40 a.m.',
            'The end comes before it, so it is less than 1 h: <.',
        ]];
        yield 'two times on the day' => ['7:50 am ? 7:15 pm', 'place-on-day', [
            'Pin 7:50 a.m. on the day line, before noon.',
            'Pin 7:15 p.m. on the day line, after noon.',
            '7:50 a.m. stands further to the left: it is earlier.',
        ]];
        yield 'to the second, unit by unit' => ['11:20:35 am + 1 min 50 s', 'unit-by-unit', [
            '11:20:35 a.m. + 1 min = 11:21:35 a.m.',
            'Seconds: 35 + 50 = 85. That is 60 or more: 1 min 25 s. 11:21:35 a.m. + 50 s = 11:22:25 a.m.',
            'The answer is 11:22:25 a.m.',
        ]];
        yield 'the second hand' => ['11:20:35 as digital', 'fives', [
            'The hour hand has left 11 behind: that is the hour.',
            'Count fives from the 12 to the minute hand: 5, 10, 15, 20.',
            'Count fives to the second hand, too: 5, 10, 15, 20, 25, 30, 35.',
            'The hour, a colon, the minutes in two places, a colon, the seconds in two places: 11:20:35.',
        ]];
        yield 'tenths in columns' => ['45.3 s + 38.9 s', 'column', [
            'Minutes under minutes, seconds under seconds, tenths under tenths.',
            'Tenths first: 3 + 9 = 12. That is 10 or more.',
            'Take 10 tenths away, write 2, and carry 1 s to the seconds.',
            'Seconds: 45 + 38 + 1 = 84. That is 60 or more.',
            'Take 60 s away, write 24, and carry 1 min to the minutes.',
            'Minutes: 1.',
            '1 min 24 s 2 tenths is 1 min 24.2 s.',
        ]];
        yield 'tenths to the next whole second' => ['30 s - 28.7 s', 'number-line', [
            'Mark both lengths on the line. The gap between them is the answer.',
            'From 28.7 s it is 0.3 s to the next whole second.',
            'Then a jump of 1 s, to 30 s.',
            'Altogether: 0.3 s + 1 s = 1.3 s.',
        ]];
        yield 'tenths shared' => ['62.4 s / 3', 'multiply-divide', [
            '62 s ÷ 3 = 20 s, remainder 2 s.',
            'Change the remainder: 2 s is 20 tenths.',
            'Add the 4 tenths: 20 + 4 = 24 tenths.',
            '24 tenths ÷ 3 = 8 tenths.',
            'The answer is 20.8 s.',
        ]];
        yield 'one time taken from another is how long it is' => ['15:00 - 07:00', 'column', [
            'How long is it from 07:00 to 15:00?',
            'The end goes on top, the start below.',
            'Minutes first: 0 − 0 = 0.',
            'Hours: 15 − 7 = 8.',
            'It is 8 h.',
        ]];
        yield 'a missing start is turned round' => ['_ + 45 min = 10:20 am', 'number-line', [
            'Turn it round and go back: 10:20 a.m. − 45 min.',
            'Start at 10:20 a.m. and go back.',
            'Take 20 min to get back to the o’clock: 10:00 a.m. 25 min left to take.',
            'Take the last 25 min: 9:35 a.m.',
            '20 min + 25 min = 45 min. The answer is 9:35 a.m.',
        ]];
    }
}
