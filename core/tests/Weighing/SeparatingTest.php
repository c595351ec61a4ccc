<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Weighing;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Tests\Core;
use Rostik\Core\Weighing\Choosing;
use Rostik\Core\Weighing\Separating;

final class SeparatingTest extends TestCase
{
    public function testWhatASetTellsApartIsCountedOneByOne(): void
    {
        $sums = ['6 h 10 min - 3 h 45 min', '4 h 30 min - 1 h 45 min', 'bananas', '7 h 10 min - 2 h 50 min'];
        $found = Core::get(Separating::class)->of($sums, [], Level::Core, 1);
        // counted again, pair by pair, from the answers alone
        $book = Core::get(MistakeBook::class);
        $answers = array_map(static fn (string $s): array => 'bananas' === $s ? [] : array_map(static fn ($g): string => $g->text(), $book->predict(Core::get(SumReader::class)->read($s)->sum)), $sums);
        $ids = array_keys($found->mistakes);
        $count = 0;
        foreach ($ids as $i => $a) {
            self::assertSame(array_keys(array_filter($answers, static fn (array $one): bool => isset($one[$a]))), $found->mistakes[$a]);
            foreach (\array_slice($ids, $i + 1) as $b) {
                $count += [] === array_filter($answers, static fn (array $one): bool => ($one[$a] ?? '') !== ($one[$b] ?? '')) ? 0 : 1;
            }
        }
        self::assertSame($count, $found->separated);
        self::assertSame($found->of, $found->separated + \count($found->blurred));
        self::assertContains('smaller-from-larger', $ids);
    }

    public function testASwapDoesWhatItPromises(): void
    {
        $separating = Core::get(Separating::class);
        $swaps = 0;
        foreach (['subtract-regroup', 'add-regroup', 'how-long-across-hours', 'earlier-across-hour', 'across-noon'] as $id) {
            $sums = array_map(static fn ($s): string => Core::get(Forms::class)->write($s, Writer::plain()), Core::get(Generator::class)->draw(Core::get(Ladder::class)->rung($id), Level::Support, 2, 5)->sums);
            $found = $separating->of(array_values($sums), [0], Level::Core, 1);
            while (null !== $found->swap && $swaps < 30) {
                ++$swaps;
                self::assertSame(1, $found->swap->place, 'a kept question stays');
                $sums[1] = $found->swap->sum;
                self::assertTrue(Core::get(Ladder::class)->rung($id)->isCalledForBy(Core::get(SumReader::class)->read($sums[1])->sum));
                $next = $separating->of(array_values($sums), [0], Level::Core, 1);
                self::assertSame($found->swap->separated, $next->separated);
                self::assertGreaterThan($found->separated, $next->separated);
                $found = $next;
            }
        }
        self::assertGreaterThanOrEqual(2, $swaps);
        self::assertNull($separating->of(['6 h 10 min - 3 h 45 min'], [0], Level::Core, 1)->swap, 'nothing may give way');
        self::assertSame([[], 0, 0], [$separating->of(['bananas'], [], Level::Core, 1)->mistakes, $separating->of(['bananas'], [], Level::Core, 1)->separated, $separating->of([], [], Level::Core, 1)->of]);
    }

    public function testASetIsChosenForCertainMistakesWithinLimits(): void
    {
        $rung = Core::get(Ladder::class)->rung('subtract-regroup');
        $chosen = Core::get(Choosing::class)->choose($rung, Level::Core, 4, 1, new Limits(fives: true), ['borrows-ten', 'zero-when-stuck', 'past-twelve']);
        self::assertSame(['borrows-ten', 'zero-when-stuck'], $chosen->mistakes, 'going on past twelve does not show in lengths');
        foreach ($chosen->sums as $i => $text) {
            $sum = Core::get(SumReader::class)->read($text)->sum;
            self::assertTrue(Features::of($sum)->fives);
            if ($i < 2) {
                self::assertArrayHasKey('borrows-ten', Core::get(MistakeBook::class)->predict($sum), $text);
            }
        }
    }
}
