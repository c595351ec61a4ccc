<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Work;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Note;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;
use Rostik\Core\Work\WorkedMethod;

/** Worked examples set for this project, in the style of school books: every kind of sum with its answer and methods. */
final class KindsTest extends TestCase
{
    #[DataProvider('examples')]
    public function testExamples(string $typed, string $canonical, string $answer, mixed $value, string $methods = ''): void
    {
        $worked = Core::get(Workbench::class)->work($typed);
        self::assertSame($canonical, $worked->sum);
        self::assertSame($answer, $worked->answer?->text);
        self::assertEquals($value, json_decode((string) json_encode($worked->answer->value), true));
        self::assertSame($canonical, Core::get(Workbench::class)->work($worked->sum)->sum, 'reading what was written gives the same sum');
        foreach ($worked->methods as $method) {
            self::assertSame($answer, $method->answer, $method->id);
        }
        if ('' !== $methods) {
            self::assertSame($methods, implode(' ', array_map(static fn (WorkedMethod $m): string => $m->id, $worked->methods)));
        }
    }

    /** @return iterable<array{0: string, 1: string, 2: string, 3: mixed, 4?: string}> */
    public static function examples(): iterable
    {
        $parts = static fn (string|int|float ...$p): array => ['parts' => array_map(static fn (array $c): array => ['unit' => $c[0], 'n' => $c[1] ?? 0], array_chunk($p, 2))];
        $range = static fn (int $a, int $b, string $unit): array => ['range' => [$a, $b], 'unit' => $unit];

        yield ['4 x 45 min', '4 x 45 min', '3 h', 'PT3H', 'parts column all-minutes'];
        yield ['3 lots of 1 h 25 min', '3 x 1 h 25 min', '4 h 15 min', 'PT4H15M'];
        yield ['1 h 10 min times 5', '5 x 1 h 10 min', '5 h 50 min', 'PT5H50M'];
        yield ['2 × 3 weeks 5 days', '2 x 3 weeks 5 days', '7 weeks 3 days', 'P52D'];
        yield ['0 x 45 min', '0 x 45 min', '0 min', 'PT0S'];
        yield ['6 x 1 year 3 months', '6 x 1 year 3 months', '7 years 6 months', 'P7Y6M'];
        yield ['2 h 15 min / 3', '2 h 15 min / 3', '45 min', 'PT45M', 'all-minutes multiply-divide'];
        yield ['1 h ÷ 8', '1 h / 8', '7 min 30 s', 'PT7M30S'];
        yield ['1 week shared between 2', '1 week / 2', '3 days 12 h', 'P3DT12H'];
        yield ['5 h 20 min divided by 4', '5 h 20 min / 4', '1 h 20 min', 'PT1H20M'];
        yield ['2 years / 3', '2 years / 3', '8 months', 'P8M'];

        yield ['_ + 45 min = 10:20 am', '_ + 45 min = 10:20 a.m.', '9:35 a.m.', '09:35', 'number-line fives column all-minutes'];
        yield ['____ - 20 min = 3:10 pm', '_ - 20 min = 3:10 p.m.', '3:30 p.m.', '15:30'];
        yield ['_ + 45 min = 12:20 am', '_ + 45 min = 12:20 a.m.', '11:35 p.m. (the day before)', '23:35'];
        yield ['_ + 45 min = 10:20', '_ + 45 min = 10:20', '9:35', '09:35'];
        yield ['9:35 am + _ = 11:10 am', '9:35 a.m. + _ = 11:10 a.m.', '1 h 35 min', 'PT1H35M'];
        yield ['11:10 am − ? = 9:35 am', '11:10 a.m. - _ = 9:35 a.m.', '1 h 35 min', 'PT1H35M'];
        yield ['22:50 + _ = 06:15', '22:50 + _ = 06:15', '7 h 25 min', 'PT7H25M'];

        yield ['45 min + _ = 1 h', '45 min + _ = 1 h', '15 min', 'PT15M', 'number-line column all-minutes'];
        yield ['1 h 20 min = ___ + 45 min', '_ + 45 min = 1 h 20 min', '35 min', 'PT35M'];
        yield ['2 h - __ h __ min = 35 min', '2 h - _ = 35 min', '1 h 25 min', 'PT1H25M', 'column number-line all-minutes'];
        yield ['_ - 20 min = 45 min', '_ - 20 min = 45 min', '1 h 5 min', 'PT1H5M', 'column parts all-minutes'];
        yield ['4 x _ = 1 h', '4 x _ = 1 h', '15 min', 'PT15M', 'all-minutes multiply-divide'];
        yield ['_ x 15 min = 1 h', '_ x 15 min = 1 h', '4', '4', 'all-minutes'];
        yield ['1 h ÷ _ = 12 min', '1 h / _ = 12 min', '5', '5', 'all-minutes'];
        yield ['_ / 4 = 30 min', '_ / 4 = 30 min', '2 h', 'PT2H', 'parts column all-minutes'];
        yield ['7:15 am to _ = 2 h', '7:15 a.m. + 2 h', '9:15 a.m.', '09:15'];
        yield ['How many minutes must be added to 40 min to make 1 h?', '_ + 40 min = 1 h', '20 min', 'PT20M'];
        yield ['what is taken from 2 h to leave 45 min', '2 h - _ = 45 min', '1 h 15 min', 'PT1H15M'];
        yield ['2 h / 15 min', '2 h / 15 min', '8', '8', 'all-minutes'];
        yield ['how many times does 25 min go into 1 h 15 min?', '1 h 15 min / 25 min', '3', '3', 'all-minutes'];
        yield ['9 am to 5 pm the next day', '9:00 a.m. to 5:00 p.m. next day', '32 h', 'PT32H', 'number-line column all-minutes'];
        yield ['23:50 until 00:25 the next day', '23:50 to 00:25', '35 min', 'PT35M'];

        yield ['9:10 am + 25 min + 40 min', '9:10 a.m. + 25 min + 40 min', '10:15 a.m.', '10:15', 'number-line step-by-step lengths-first'];
        yield ['11:40 pm plus 30 min and then plus 1 h', '11:40 p.m. + 30 min + 1 h', '1:10 a.m. (next day)', '01:10'];
        yield ['9:10 am, 25 min later, 10 min earlier', '9:10 a.m. + 25 min - 10 min', '9:25 a.m.', '09:25'];
        yield ['2 h 15 min + 40 min - 25 min', '2 h 15 min + 40 min - 25 min', '2 h 30 min', 'PT2H30M', 'step-by-step all-minutes'];
        yield ['25 min - 40 min + 2 h', '25 min - 40 min + 2 h', '1 h 45 min', 'PT1H45M'];
        yield ['1½ x 40 min', '1 1/2 x 40 min', '1 h', 'PT1H', 'whole-and-part all-minutes'];
        yield ['2.5 x 30 min', '2 1/2 x 30 min', '1 h 15 min', 'PT1H15M'];
        yield ['three quarters of 2 h', '3/4 x 2 h', '1 h 30 min', 'PT1H30M'];
        yield ['40 min x one and a half', '1 1/2 x 40 min', '1 h', 'PT1H'];
        yield ['15:00 - 07:00', '15:00 minus 07:00', '8 h', 'PT8H', 'number-line column all-minutes'];
        yield ['take 9:40 am from 3 pm', '3:00 p.m. minus 9:40 a.m.', '5 h 20 min', 'PT5H20M'];
        yield ['9:40 am to 10:30 am ? 1 h', '9:40 a.m. to 10:30 a.m. ? 1 h', '<', '<', 'number-line all-minutes'];
        yield ['is it more than an hour from 9:40 am to 10:50 am?', '9:40 a.m. to 10:50 a.m. ? 1 h', '>', '>'];
        yield ['9 am to 10 am ? 2 pm to 3 pm', '9:00 a.m. to 10:00 a.m. ? 2:00 p.m. to 3:00 p.m.', '=', '=', 'all-minutes'];
        yield ['which is earlier, 7:50 am or 7:15 pm?', '7:50 a.m. ? 7:15 p.m.', 'earlier', '<', 'place-on-day hour-then-minutes'];
        yield ['every 12 min from 7:10 am', 'every 12 min from 7:10 a.m., 6 times', '7:10 a.m., 7:22 a.m., 7:34 a.m., 7:46 a.m., 7:58 a.m., 8:10 a.m.', '07:10, 07:22, 07:34, 07:46, 07:58, 08:10', 'number-line step-by-step'];
        yield ['from 11:30 am every quarter of an hour until noon', 'every 15 min from 11:30 a.m. until 12 noon', '11:30 a.m., 11:45 a.m., 12 noon', '11:30, 11:45, 12:00'];

        yield ['1:05:30 + 0:58:45', '1 h 5 min 30 s + 58 min 45 s', '2 h 4 min 15 s', 'PT2H4M15S'];
        yield ['1:05:30 - 0:58:45', '1 h 5 min 30 s - 58 min 45 s', '6 min 45 s', 'PT6M45S'];
        yield ['8:40 am to 11:15 am; 2 h 35 min + 40 min', '8:40 a.m. to 11:15 a.m.; 2 h 35 min + 40 min', '3 h 15 min', 'PT3H15M', 'step-by-step'];
        yield ['9 am to 10:30 am; 1 pm to 2:15 pm; 1 h 30 min + 1 h 15 min', '9:00 a.m. to 10:30 a.m.; 1:00 p.m. to 2:15 p.m.; 1 h 30 min + 1 h 15 min', '2 h 45 min', 'PT2H45M'];
        yield ['3 x 12 min; 7:10 am + 36 min', '3 x 12 min; 7:10 a.m. + 36 min', '7:46 a.m.', '07:46'];
        yield ['13:40 + 25 min; 14:05 - 50 min', '13:40 + 25 min; 14:05 - 50 min', '13:15', '13:15'];
        yield ['45.3 s + 38.9 s', '45.3 s + 38.9 s', '1 min 24.2 s', 'PT1M24.2S', 'column parts all-minutes'];
        yield ['2:45.3 - 2:38.7', '2 min 45.3 s - 2 min 38.7 s', '6.6 s', 'PT6.6S'];
        yield ['1:05:30.4 - 0:58:45.9', '1 h 5 min 30.4 s - 58 min 45.9 s', '6 min 44.5 s', 'PT6M44.5S'];
        yield ['stopwatch 2:45 in s', '2 min 45 s in s', '165 s', $parts('s', 165)];
        yield ['1 min 5.3 s in s', '1 min 5.3 s in s', '65.3 s', $parts('s', 65.3)];
        yield ['4 x 0.6 s', '4 x 0.6 s', '2.4 s', 'PT2.4S'];
        yield ['62.4 s / 3', '62.4 s / 3', '20.8 s', 'PT20.8S'];
        yield ['7 s / 2', '7 s / 2', '3.5 s', 'PT3.5S'];
        yield ['12.4 s ? 11.9 s', '12.4 s ? 11.9 s', '>', '>'];
        yield ['order 12.4 s, 11.9 s, 12.1 s', 'order 12.4 s, 11.9 s, 12.1 s', '11.9 s, 12.1 s, 12.4 s', [1, 2, 0]];
        yield ['stopwatch 0:05:30 in s', '5 min 30 s in s', '330 s', $parts('s', 330)];
        yield ['11:20:35 am + 1 min 50 s', '11:20:35 a.m. + 1 min 50 s', '11:22:25 a.m.', '11:22:25', 'number-line unit-by-unit column'];
        yield ['1:50 pm + 90 s', '1:50:00 p.m. + 90 s', '1:51:30 p.m.', '13:51:30'];
        yield ['00:00:10 - 20 s', '00:00:10 - 20 s', '23:59:50 (the day before)', '23:59:50'];
        yield ['23:59:50 to 00:00:20', '23:59:50 to 00:00:20', '30 s', 'PT30S', 'number-line unit-by-unit column'];
        yield ['11:20:35 as digital', '20 past 11 and 35 seconds as digital', '11:20:35', '11:20:35', 'fives'];
        yield ['8.37.03 pm as 24h', '8:37:03 p.m. as 24h', '20:37:03', '20:37:03'];
        yield ['8:37:03 as words', '8:37:03 as words', 'twenty-three minutes to nine and three seconds', 'twenty-three minutes to nine and three seconds'];
        yield ['order 11:20:35, 11:20:05, 9:00:00', 'order 11:20:35, 11:20:05, 9:00:00', '9:00:00, 11:20:05, 11:20:35', [2, 1, 0], 'hour-then-minutes'];

        yield ['105 min in h min', '105 min in h min', '1 h 45 min', $parts('h', 1, 'min', 45), 'table multiply-divide'];
        yield ['105 min in hours and minutes', '105 min in h min', '1 h 45 min', $parts('h', 1, 'min', 45)];
        yield ['120 min in h min', '120 min in h min', '2 h 0 min', $parts('h', 2, 'min', 0)];
        yield ['2 h 25 min in min', '2 h 25 min in min', '145 min', $parts('min', 145), 'table multiply-divide'];
        yield ['how many minutes are there in 2 h 30 min?', '2 h 30 min in min', '150 min', $parts('min', 150)];
        yield ['5 years in months', '5 years in months', '60 months', $parts('month', 60), 'table multiply-divide'];
        yield ['200 s in min s', '200 s in min s', '3 min 20 s', $parts('min', 3, 's', 20)];
        yield ['1.5 h in h min', '1.5 h in h min', '1 h 30 min', $parts('h', 1, 'min', 30), 'multiply-divide'];
        yield ['2.25 h in min', '2.25 h in min', '135 min', $parts('min', 135)];
        yield ['¾ of an hour in min', '3/4 h in min', '45 min', $parts('min', 45), 'multiply-divide'];
        yield ['two and a third hours in minutes', '2 1/3 h in min', '140 min', $parts('min', 140), 'multiply-divide'];
        yield ['half a day in h', '1/2 day in h', '12 h', $parts('h', 12), 'multiply-divide'];
        yield ['90 min in h', '90 min in h', '1 h 30 min', $parts('h', 1, 'min', 30)];
        yield ['100 min in h', '100 min in h', '1 h 40 min', $parts('h', 1, 'min', 40)];
        yield ['a fortnight in days', '2 weeks in days', '14 days', $parts('day', 14)];
        yield ['23 days in weeks and days', '23 days in weeks days', '3 weeks 2 days', $parts('week', 3, 'day', 2)];
        yield ['1 day in minutes', '1 day in min', '1440 min', $parts('min', 1440)];
        yield ['1 h in s', '1 h in s', '3600 s', $parts('s', 3600)];
        yield ['100 h in days and hours', '100 h in days h', '4 days 4 h', $parts('day', 4, 'h', 4)];

        yield ['1 month in days', '1 month in days', '28 to 31 days', $range(28, 31, 'day')];
        yield ['3 months in days', '3 months in days', '89 to 92 days', $range(89, 92, 'day')];
        yield ['1 year in days', '1 year in days', '365 or 366 days', $range(365, 366, 'day')];
        yield ['1 year in weeks', '1 year in weeks', '52 weeks and 1 or 2 days', $range(365, 366, 'day')];
        yield ['1 month in weeks', '1 month in weeks', '4 weeks to 4 weeks 3 days', $range(28, 31, 'day')];
        yield ['about 1 year in weeks', 'about 1 year in weeks', 'about 52 weeks', $parts('week', 52)];
        yield ['45 days in months', '45 days in months', '1 month and 14 to 17 days', $range(1, 1, 'month')];
        yield ['60 days in months', '60 days in months', '1 or 2 months, depending on which', $range(1, 2, 'month')];
        yield ['1 month in h', '1 month in h', '672 to 744 h', $range(672, 744, 'h')];

        yield ['3 days ? 70 h', '3 days ? 70 h', '>', '>', 'table all-minutes'];
        yield ['90 min or 1 h 30 min', '90 min ? 1 h 30 min', '=', '='];
        yield ['1 year ? 11 months', '1 year ? 11 months', '>', '>'];
        yield ['1 month ? 27 days', '1 month ? 27 days', '>', '>'];
        yield ['3 min ? 200 s', '3 min ? 200 s', '<', '<'];

        yield ['order 7:40 am, 7 pm, 7 am', 'order 7:40 a.m., 7:00 p.m., 7:00 a.m.', '7:00 a.m., 7:40 a.m., 7:00 p.m.', [2, 0, 1], 'place-on-day hour-then-minutes'];
        yield ['order 12:15 pm, 1 pm, 12:15 am', 'order 12:15 p.m., 1:00 p.m., 12:15 a.m.', '12:15 a.m., 12:15 p.m., 1:00 p.m.', [2, 0, 1]];
        yield ['order 90 min, 1 h, 2 h 5 min', 'order 90 min, 1 h, 2 h 5 min', '1 h, 90 min, 2 h 5 min', [1, 0, 2], 'all-minutes'];
        yield ['order 9:15, 8:40, 11:00', 'order 9:15, 8:40, 11:00', '8:40, 9:15, 11:00', [1, 0, 2]];
        yield ['order 2 h, 30 min', 'order 2 h, 30 min', '30 min, 2 h', [1, 0]];
        yield ['order 2 h 5 min, 3600 s and 1 h', 'order 2 h 5 min, 3600 s, 1 h', '3600 s, 1 h, 2 h 5 min', [1, 2, 0]];
        yield ['order 9:15 pm, 8:40 am, 9:20 pm', 'order 9:15 p.m., 8:40 a.m., 9:20 p.m.', '8:40 a.m., 9:15 p.m., 9:20 p.m.', [1, 0, 2]];
        yield ['order 3 pm, 15:00, 2 pm', 'order 3:00 p.m., 15:00, 2:00 p.m.', '2:00 p.m., 3:00 p.m., 15:00', [2, 0, 1]];

        yield ['put 7 am, 7 pm, 8 am in order, latest first', 'order latest first: 7:00 a.m., 7:00 p.m., 8:00 a.m.', '7:00 p.m., 8:00 a.m., 7:00 a.m.', [1, 2, 0], 'place-on-day hour-then-minutes'];
        yield ['order longest first: 2 h, 90 min, 100 min', 'order longest first: 2 h, 90 min, 100 min', '2 h, 100 min, 90 min', [0, 2, 1], 'all-minutes'];

        yield ['8:37 am as words', '8:37 a.m. as words', 'twenty-three minutes to nine in the morning', 'twenty-three minutes to nine in the morning', 'up-to-sixty'];
        yield ['8:37 as words', '8:37 as words', 'twenty-three minutes to nine', 'twenty-three minutes to nine'];
        yield ['1:20 pm as 24h', '1:20 p.m. as 24h', '13:20', '13:20', 'place-on-day'];
        yield ['17:05 as 12h', '17:05 as 12h', '5:05 p.m.', '5:05 p.m.'];
        yield ['00:30 as 12 hour', '00:30 as 12h', '12:30 a.m.', '12:30 a.m.'];
        yield ['12:30 am as 24-hour clock', '12:30 a.m. as 24h', '00:30', '00:30'];
        yield ['half past 3 as digital', 'half past 3 as digital', '3:30', '3:30', 'fives'];
        yield ['23 minutes to nine as digital', '23 minutes to 9 as digital', '8:37', '8:37', 'up-to-sixty fives'];
        yield ['3:00 as digital', '3 o\'clock as digital', '3:00', '3:00'];
        yield ['15:20 as digital', '15:20 as digital', '15:20', '15:20'];
        yield ['midnight as digital', 'midnight as digital', '12:00 a.m.', '12:00 a.m.'];
        yield ['ten to 11 at night as digital', '10 to 11 at night as digital', '10:50 p.m.', '10:50 p.m.'];
        yield ['noon as 24h', '12 noon as 24h', '12:00', '12:00'];
    }

    public function testNotExactIsSaid(): void
    {
        $worked = Core::get(Workbench::class)->work('1 year in days');
        self::assertFalse($worked->exact);
        self::assertSame(['not-exact'], array_map(static fn (Note $n): string => $n->code, $worked->notes));
        self::assertStringContainsString('leap year', $worked->notes[0]->text);
        self::assertTrue(Core::get(Workbench::class)->work('105 min in h min')->exact);
    }

    public function testWhereItDependsEveryReadingIsGiven(): void
    {
        $signs = static fn (string $t): array => array_map(static fn ($r) => $r->answer->text, Core::get(Workbench::class)->work($t)->readings);
        self::assertSame(['<', '=', '>'], $signs('1 month ? 30 days'));
        self::assertSame(['01:20', '13:20'], $signs('1:20 as 24h'));
        self::assertSame(['1 h 35 min', '13 h 35 min'], $signs('9:35 + _ = 11:10'));
        self::assertSame(['8:40 a.m., 9:15 a.m.', '9:15 a.m., 8:40 p.m.'], $signs('order 9:15 am, 8:40'));
        // two times open: four ways to mean it
        self::assertSame(['8:00 a.m., 8:25 a.m., 8:00 p.m.', '8:25 a.m., 8:00 p.m., 8:00 p.m.', '8:00 a.m., 8:00 p.m., 8:25 p.m.', '8:00 p.m., 8:00 p.m., 8:25 p.m.'], $signs('order 8:25, 8 pm, 8'));
        self::assertSame('if 8:25 is a.m. and 8:00 is p.m.', Core::get(Workbench::class)->work('order 8:25, 8 pm, 8')->readings[1]->assumes);
        self::assertCount(2, $signs('order 8:25, 8 pm, 8, 10, 11'));
        // it is said what it depends on
        $codes = static fn (string $t): array => array_map(static fn (Note $n): string => $n->code, Core::get(Workbench::class)->work($t)->notes);
        self::assertSame(['depends-on-the-month'], $codes('1 month ? 30 days'));
        self::assertFalse(Core::get(Workbench::class)->work('1 month ? 30 days')->exact);
        self::assertSame(['half-not-said'], $codes('1:20 as 24h'));
    }

    #[DataProvider('refused')]
    public function testRefusals(string $typed, string $reason): void
    {
        try {
            Core::get(Workbench::class)->work($typed);
            self::fail('It was worked.');
        } catch (NotUnderstood $no) {
            self::assertSame($reason, $no->reason);
            self::assertNotNull(Core::get(Workbench::class)->work($no->example)->answer);
        }
    }

    /** @return iterable<array{string, string}> */
    public static function refused(): iterable
    {
        yield ['1 h / 7', 'does-not-come-out'];
        yield ['2 h / 0', 'shared-by-nothing'];
        yield ['1 year / 5', 'does-not-come-out'];
        yield ['order 1 month, 30 days', 'months-and-days'];
        yield ['_ + 2 months = 10:20 am', 'months-on-the-clock'];
    }
}
