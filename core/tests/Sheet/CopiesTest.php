<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Sheet;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sheet\Code;
use Rostik\Core\Sheet\Copies;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;
use Rostik\Core\Tests\Skill\Seen;

final class CopiesTest extends TestCase
{
    /** For every rung and level: the same features at every place, no question twice on a sheet, none twice in a class where there are enough. */
    public function testEveryVariantHasTheFeaturesOfTheSheetAndNoQuestionTwice(): void
    {
        $forms = Core::get(Forms::class);
        $reader = Core::get(SumReader::class);
        $different = 0;
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                $sums = array_map(static fn ($s): string => $forms->write($s, Writer::plain()), Core::get(Generator::class)->draw($rung, $level, 4, 11)->sums);
                $made = Core::get(Copies::class)->make($sums, [], 8, 3);
                self::assertCount(8, $made->copies);
                self::assertSame($sums, $made->copies[0], 'the sheet itself is the first');
                foreach ($made->copies as $copy) {
                    if (max($made->few ?: [99]) >= 8 || [] === $made->few) {
                        self::assertCount(\count($sums), array_unique($copy), implode('; ', $copy));
                    }
                    foreach ($copy as $place => $text) {
                        self::assertEquals(Seen::in($sums[$place]), Seen::in($text), $text.' for '.$sums[$place]);
                    }
                }
                foreach (array_keys($sums) as $place) {
                    $numbers = array_unique(array_column($made->copies, $place));
                    if (!isset($made->few[$place])) {
                        self::assertCount(8, $numbers, 'of '.$sums[$place]);
                        ++$different;
                    } else {
                        self::assertLessThan(8, $made->few[$place]);
                    }
                }
            }
        }
        self::assertGreaterThan(300, $different);
    }

    public function testSomeQuestionsAreTheSameForAll(): void
    {
        $sums = ['6 h 10 min - 3 h 45 min', '1 h in min', 'bananas', '9:20 a.m. to 1:05 p.m.'];
        $made = Core::get(Copies::class)->make($sums, [3], 5, 9);
        self::assertSame(['9:20 a.m. to 1:05 p.m.'], array_values(array_unique(array_column($made->copies, 3))));
        self::assertSame(['bananas'], array_values(array_unique(array_column($made->copies, 2))));
        self::assertSame([1 => 1, 2 => 1], $made->few, 'an hour has no other number of minutes, and bananas none');
        self::assertCount(5, array_unique(array_column($made->copies, 0)));
        self::assertEquals($made, Core::get(Copies::class)->make($sums, [3], 5, 9), 'the same seed, the same copies');
        self::assertNotEquals($made->copies[1], Core::get(Copies::class)->make($sums, [3], 5, 10)->copies[1]);
        self::assertSame([$sums], Core::get(Copies::class)->make($sums, [], 1, 1)->copies);
    }

    public function testCodesAreAllDifferentAndAreReadAsTheyAreWritten(): void
    {
        $all = [];
        for ($i = 0; $i < Code::ALL; $i += 7) {
            $code = (string) Code::number($i);
            $all[$code] = true;
            if ($code !== (string) Code::typed(' '.strtolower($code).' ')) {
                self::fail($code);
            }
        }
        self::assertCount((int) ceil(Code::ALL / 7), $all);
        self::assertSame(['BBBB', '9999', 25 ** 4], [(string) Code::number(0), (string) Code::number(Code::ALL - 1), Code::ALL]);
        foreach (['', 'BBB', 'BBBBB', 'BOBB', 'B1BB', 'Tide'] as $none) {
            self::assertNull(Code::typed($none));
        }
        $this->expectException(\OutOfRangeException::class);
        Code::number(Code::ALL);
    }
}
