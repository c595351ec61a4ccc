<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Weighing;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Tests\Core;
use Rostik\Core\Weighing\Pairs;

/** Two mistakes are told apart where they lead to different answers, or where only one of them shows. */
final class PairsTest extends TestCase
{
    /** @return array<string, Given> */
    private static function predicted(string $sum): array
    {
        return Core::get(MistakeBook::class)->predict(Core::get(SumReader::class)->read($sum)->sum);
    }

    public function testThereAreAsManyPairsAsThereShouldBe(): void
    {
        $ids = [];
        self::assertSame([], Pairs::of($ids)->all);
        foreach (Core::get(MistakeBook::class)->all() as $i => $mistake) {
            $ids[] = $mistake->id();
            self::assertCount(intdiv(($i + 1) * $i, 2), Pairs::of($ids)->all);
        }
        self::assertSame([['a', 'b'], ['a', 'c'], ['b', 'c']], array_values(Pairs::of(['a', 'b', 'c'])->all));
    }

    /** The two that agree unless the minutes reach 100 (the subject's own example). */
    public function testAHundredMinutesAndLeavingOverSixtyAreSeparatedOnlyFromAHundredOn(): void
    {
        $pairs = Pairs::of(['hundred-minutes', 'leaves-over-sixty']);
        self::assertSame([], $pairs->separatedBy(self::predicted('3 h 40 min + 2 h 45 min')));
        self::assertSame(['hundred-minutes+leaves-over-sixty'], $pairs->separatedBy(self::predicted('1 h 55 min + 2 h 50 min')));
    }

    public function testASumInWhichOnlyOneShowsTellsThemApart(): void
    {
        // 10 is too few for the exchange here, so that mistake leads to nothing
        $predicted = self::predicted('6 h 10 min - 3 h 45 min');
        self::assertArrayNotHasKey('borrows-ten', $predicted);
        self::assertArrayHasKey('smaller-from-larger', $predicted);
        self::assertSame(['smaller-from-larger+borrows-ten'], Pairs::of(['smaller-from-larger', 'borrows-ten'])->separatedBy($predicted));
        self::assertSame([], Pairs::of(['borrows-ten', 'past-twelve'])->separatedBy($predicted), 'neither shows');
    }

    /** For every pair and several sums, against the answers compared one by one. */
    public function testAgainstTheAnswersThemselves(): void
    {
        $ids = array_map(static fn ($mistake): string => $mistake->id(), Core::get(MistakeBook::class)->all());
        $pairs = Pairs::of($ids);
        foreach (['5 h 25 min - 2 h 30 min', '11:15 am + 2 h 50 min', '9:40 am to 12:15 pm', '2 h 25 min in min', '17:05 as 12h', '3 days ? 70 h'] as $sum) {
            $predicted = self::predicted($sum);
            $answers = array_map(static fn (Given $given): string => $given->text(), $predicted);
            $found = [];
            foreach ($pairs->all as $name => [$one, $other]) {
                if (($answers[$one] ?? null) !== ($answers[$other] ?? null)) {
                    $found[] = $name;
                }
            }
            self::assertSame($found, $pairs->separatedBy($predicted), $sum);
            self::assertNotSame([], $found, $sum);
        }
    }
}
