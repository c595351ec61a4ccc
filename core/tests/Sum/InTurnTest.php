<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Sum;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\Total;
use Rostik\Core\Tests\Core;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

final class InTurnTest extends TestCase
{
    private static function at(int $hour, int $minute): StatedTime
    {
        return StatedTime::of(TimeOfDay::ofMinutes(60 * $hour + $minute));
    }

    /** Only what is given is given: what is found on the way is not. */
    public function testWhatIsGivenAndWhatIsFound(): void
    {
        $sum = InTurn::of(
            Elapsed::of(self::at(8, 40), self::at(11, 15)),
            Total::of(Amount::minutes(155), Amount::minutes(40)),
        );
        self::assertSame([520, 675], array_map(static fn (StatedTime $t): int => $t->minutes, $sum->times()));
        self::assertSame([40], array_map(static fn (Amount $a): int => $a->duration->minutes(), $sum->lengths()));
        self::assertSame([-1, 1], $sum->signs());
        self::assertNull($sum->way(), 'it does not go from one time to another');

        $on = InTurn::of(Later::of(self::at(9, 10), Amount::minutes(25)), Later::of(self::at(9, 35), Amount::minutes(40)));
        self::assertSame(65, $on->way()?->minutes);
        self::assertCount(1, $on->times());
        self::assertCount(2, $on->lengths());
    }

    /** With other times what comes after goes along; so it is said by the clock of a class. */
    public function testOtherTimesLeadToOtherAnswers(): void
    {
        $sum = InTurn::of(Elapsed::of(self::at(8, 40), self::at(11, 15)), Total::of(Amount::minutes(155), Amount::minutes(40)));
        $other = $sum->withTimes(self::at(9, 0)->as24(), self::at(10, 0)->as24());
        self::assertSame('09:00 to 10:00; 1 h + 40 min', Core::get(Forms::class)->write($other, Writer::plain()));
        self::assertSame('1 h 40 min', Writer::plain()->answer($other->answer()));
    }

    /** A step goes on from what was found before, rightly or not. */
    public function testAStepGoesOnFromWhatWasFound(): void
    {
        $sum = InTurn::of(Later::of(self::at(9, 10), Amount::minutes(25)), Later::of(self::at(9, 35), Amount::minutes(40)));
        self::assertSame('9:35 a.m. + 40 min', Core::get(Forms::class)->write($sum->step(1), Writer::plain()));
        self::assertSame('9:45 a.m. + 40 min', Core::get(Forms::class)->write($sum->step(1, new TimeAnswer(self::at(9, 45), 0)), Writer::plain()));
        $this->expectException(\OutOfRangeException::class);
        $sum->step(2);
    }

    public function testSumsThatDoNotGoTogetherAreNotDoneInTurn(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        InTurn::of(Later::of(self::at(9, 10), Amount::minutes(25)), Later::of(self::at(9, 30), Amount::minutes(40)));
    }

    #[DataProvider('notInTurn')]
    public function testIsNotRead(string $typed): void
    {
        $this->expectException(NotUnderstood::class);
        Core::get(SumReader::class)->read($typed);
    }

    /** @return iterable<array{string}> */
    public static function notInTurn(): iterable
    {
        yield ['9:10 am + 25 min; 9:30 am + 40 min'];
        yield ['9:10 am + 25 min; bananas'];
        yield ['2 h + 1 h; 3 h + 1 h; 4 h + 1 h; 5 h + 1 h; 6 h + 1 h; 7 h + 1 h; 8 h + 1 h'];
        yield [str_repeat('2 h;', 40)];
    }

    /** By hand: 155 min read as 1 h 55 min with 100 minutes to the hour is 2 h 75 min taken on. */
    public function testAHabitShowsInEachOfThem(): void
    {
        $sum = Core::get(SumReader::class)->read('9:10 am to 11:30 am; 2 h 20 min + 50 min')->sum;
        $predicted = array_map(static fn (Given $g): string => $g->text(), Core::get(MistakeBook::class)->predict($sum));
        self::assertSame('2 h 20 min', $predicted['one-step-only'] ?? null);
        self::assertSame('2 h 70 min', $predicted['leaves-over-sixty'] ?? null);
        self::assertSame('2 h 10 min', $predicted['drops-the-carry'] ?? null);
        self::assertSame('1 h 30 min', $predicted['wrong-operation'] ?? null);
    }
}
