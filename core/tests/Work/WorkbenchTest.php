<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Work;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Note;
use Rostik\Core\Tests\Core;
use Rostik\Core\Work\Workbench;
use Rostik\Core\Work\WorkedMethod;

final class WorkbenchTest extends TestCase
{
    /** @param list<string> $notes */
    #[DataProvider('sums')]
    public function testAnswers(string $typed, string $text, string $value, array $notes): void
    {
        $worked = Core::get(Workbench::class)->work($typed);
        self::assertSame($text, $worked->answer?->text);
        self::assertSame($value, $worked->answer->value);
        self::assertSame($notes, array_map(static fn (Note $n): string => $n->code, $worked->notes));
        self::assertGreaterThanOrEqual(1, \count($worked->methods));
        foreach ($worked->methods as $method) {
            self::assertSame($text, $method->answer);
        }
        self::assertSame($worked->methods[0]->id, $worked->recommended?->method);
        self::assertSame($text, Core::get(Workbench::class)->answer($typed)->answer?->text);
    }

    /** @return iterable<array{string, string, string, list<string>}> worked examples set for this project, in the style of school books */
    public static function sums(): iterable
    {
        yield ['3 h 40 min + 2 h 45 min', '6 h 25 min', 'PT6H25M', []];
        yield ['4 h 5 min - 3 h 25 min', '40 min', 'PT40M', []];
        yield ['1:50 pm + 3½ hours', '5:20 p.m.', '17:20', []];
        yield ['10:15 am - 35 min', '9:40 a.m.', '09:40', []];
        yield ['9 in the morning to 4 in the afternoon', '7 h', 'PT7H', []];
        yield ['9:20 pm to half past 10 at night', '1 h 10 min', 'PT1H10M', []];
        yield ['22:50 to 06:15', '7 h 25 min', 'PT7H25M', ['over-midnight']];
        yield ['10:20 pm to 6:05 am', '7 h 45 min', 'PT7H45M', ['over-midnight']];
        yield ['7 am to 7 am', '24 h', 'PT24H', ['over-midnight']];
        yield ['11:50 pm + 45 min', '12:35 a.m. (next day)', '00:35', ['over-midnight']];
        yield ['1:10 am - 2 h 30 min', '10:40 p.m. (the day before)', '22:40', ['over-midnight']];
        yield ['12:50 pm - 3 h', '9:50 a.m.', '09:50', []];
        yield ['1:50 + 20 min', '2:10', '02:10', ['half-not-said']];
        yield ['12:10 + 20 min', '12:30', '12:30', ['half-not-said']];
        yield ['12:10 + 55 min', '1:05', '01:05', ['half-not-said']];
        yield ['50 min + 50 min', '1 h 40 min', 'PT1H40M', []];
        yield ['20 h + 10 h', '30 h', 'PT30H', []];
        yield ['1 day 20 h + 10 h', '2 days 6 h', 'P2DT6H', []];
        yield ['1 week 3 days + 2 weeks 5 days', '4 weeks 1 day', 'P29D', []];
        yield ['1 year 4 months + 9 months', '2 years 1 month', 'P2Y1M', []];
        yield ['2 min 40 s + 35 s', '3 min 15 s', 'PT3M15S', []];
        yield ['2 h - 45 min', '1 h 15 min', 'PT1H15M', []];
        yield ['2 h 20 min - 2 h 20 min', '0 min', 'PT0S', []];
        yield ['23:00 + 2 days 2 h', '01:00 (3 days later)', '01:00', ['over-midnight']];
    }

    public function testWhereTheHalfOfTheDayMattersBothReadingsAreGiven(): void
    {
        $worked = Core::get(Workbench::class)->work('9:15 am to 11:40');
        self::assertNull($worked->answer);
        self::assertSame([], $worked->methods);
        self::assertSame(
            [['if the end is a.m.', '9:15 a.m. to 11:40 a.m.', '2 h 25 min'], ['if the end is p.m.', '9:15 a.m. to 11:40 p.m.', '14 h 25 min']],
            array_map(static fn ($r): array => [$r->assumes, $r->sum, $r->answer->text], $worked->readings),
        );
        self::assertNull(Core::get(Workbench::class)->answer('9:15 am to 11:40')->answer);
    }

    /** @param list<array{string, string, ?string}> $readings what each takes for granted, its sum and its answer */
    #[DataProvider('twoWays')]
    public function testALineThatCanBeTakenInTwoWaysIsNotGuessedAt(string $typed, string $note, array $readings): void
    {
        $worked = Core::get(Workbench::class)->work($typed);
        self::assertSame([null, [], []], [$worked->answer, $worked->methods, $worked->skills]);
        self::assertSame([$note], array_map(static fn (Note $n): string => $n->code, $worked->notes));
        self::assertSame($readings, array_map(static fn ($r): array => [$r->assumes, $r->sum, $r->answer->text], $worked->readings));
        self::assertSame($worked->sum, Core::get(Workbench::class)->work($worked->sum)->sum, 'it is kept as it was typed');
    }

    /** @return iterable<array{string, string, list<array{string, string, ?string}>}> */
    public static function twoWays(): iterable
    {
        yield ['20 to 8 am', 'two-readings', [['if it is the time 7:40 a.m.', '20 to 8 in the morning as digital', '7:40 a.m.'], ['if it is from the one to the other', '20:00 to 8:00 a.m.', '12 h']]];
        yield ['2.30 hrs + 45 min', 'two-readings', [['if 2.30 hrs is 2 h 30 min', '2 h 30 min + 45 min', '3 h 15 min'], ['if the point in 2.30 hrs is a decimal point', '2 h 18 min + 45 min', '3 h 3 min']]];
        yield ['8:37 as 24h', 'half-not-said', [['if it is a.m.', '8:37 a.m. as 24h', '08:37'], ['if it is p.m.', '8:37 p.m. as 24h', '20:37']]];
        yield ['9:15-11:40', 'half-not-said', [['both in the same half of the day', '9:15 a.m. to 11:40 a.m.', '2 h 25 min'], ['one a.m., the other p.m.', '9:15 a.m. to 11:40 p.m.', '14 h 25 min']]];
    }

    #[DataProvider('claims')]
    public function testAnAnswerThatIsTypedWithItsSumIsJudged(string $typed, bool $right, string $say, string $may = ''): void
    {
        $claim = Core::get(Workbench::class)->work($typed)->claim;
        self::assertNotNull($claim);
        self::assertSame([$right, $say, $may], [$claim->right, $claim->say, implode('; ', $claim->may)]);
    }

    /** @return iterable<array{0: string, 1: bool, 2: string, 3?: string}> */
    public static function claims(): iterable
    {
        yield ['1:50 pm + 3 h 30 min = 5:20 pm', true, 'That is right.'];
        yield ['6 h 10 min - 3 h 45 min = 2h25', true, 'That is right.'];
        yield ['11:50 pm + 45 min = 12:35 am (next day)', true, 'That is right.'];
        yield ['90 min = 1 h 30 min', true, 'That is right.'];
        yield ['3 h 40 min + 2 h 45 min = 385 min', true, 'That is right; it is usually written 6 h 25 min.'];
        yield ['1:50 pm + 3 h 30 min = 5:20', true, 'That is right as far as it goes. In full it is 5:20 p.m.'];
        yield ['3 h 40 min + 2 h 45 min = 5 h 25 min', false, 'That is not right: it is 6 h 25 min.', 'may be taking the 60 minutes away and forgetting the hour they make'];
        yield ['90 min = 1 h 20 min', false, 'That is not right: it is 1 h 30 min. It may be a slip.'];
        yield ['4 x 45 min = bananas', false, '“bananas” could not be read as an answer. It is 3 h.'];
    }

    public function testWhereNoAnswerIsTypedThereIsNoClaim(): void
    {
        foreach (['4 x 45 min', '4 x 45 min =', '4 x 45 min = ?', '4 x 45 min = ___ h', '45 min + _ = 1 h', '9:35 am + _ = 11:10 am'] as $typed) {
            self::assertNull(Core::get(Workbench::class)->work($typed)->claim, $typed);
        }
    }

    /** @param list<string> $codes */
    #[DataProvider('notes')]
    public function testWhatIsNotSaidInTheSumIsSaidBesideIt(string $typed, array $codes): void
    {
        self::assertSame($codes, array_map(static fn (Note $n): string => $n->code, Core::get(Workbench::class)->work($typed)->notes));
    }

    /** @return iterable<array{string, list<string>}> */
    public static function notes(): iterable
    {
        yield ['order 11:30 pm, 12 midnight', ['midnight-first']];
        yield ['order 9 am, 12 noon', []];
        yield ['3 pm + _ = 3 pm', ['over-midnight']];
        yield ['3 pm - _ = 4 pm', ['over-midnight']];
        yield ['3 pm + _ = 4 pm', []];
        yield ['order 9:15, 14:00, 8:40', ['read-as-24h']];
        yield ['10:15 am - 200 h', ['too-far-for-a-picture', 'over-midnight']];
        yield ['10:15 am - 100 h', ['over-midnight']];
    }

    public function testTheStripCutsASpanAtMidnight(): void
    {
        $strip = Core::get(Workbench::class)->work('22:50 to 06:15')->strip;
        self::assertSame([[1370, 1440], [0, 375]], array_map(static fn ($s) => [$s->from, $s->to], $strip->spans));
        self::assertSame([1370, 375], array_map(static fn ($p) => $p->at, $strip->pins));
        self::assertSame([[970, 1245]], array_map(static fn ($s) => [$s->from, $s->to], Core::get(Workbench::class)->work('8:45 pm - 4 h 35 min')->strip->spans));
        self::assertSame([], Core::get(Workbench::class)->work('2 h - 45 min')->strip->pins);
    }

    public function testTotalsHaveColumnsAndMovesHaveBothMethods(): void
    {
        $ids = static fn (string $t): array => array_map(static fn (WorkedMethod $m): string => $m->id, Core::get(Workbench::class)->work($t)->methods);
        self::assertContains('column', $ids('3 h 40 min + 2 h 45 min'));
        self::assertEqualsCanonicalizing(['number-line', 'hours-first', 'parts', 'column', 'all-minutes', 'hour-by-hour'], $ids('1:50 pm + 3½ hours'));
    }
}
