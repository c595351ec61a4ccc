<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Activity;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Activity\Activities;
use Rostik\Core\Activity\Borrowed;
use Rostik\Core\Activity\Borrows;
use Rostik\Core\Activity\Game\MissingDigits;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Numbers\Brick;
use Rostik\Core\Activity\Numbers\Digits;
use Rostik\Core\Activity\Numbers\Lighthouse;
use Rostik\Core\Activity\Numbers\LottoCards;
use Rostik\Core\Activity\Numbers\Pond;
use Rostik\Core\Activity\Numbers\Walls;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Tests\Core;

/** Games that are played with the numbers of a sheet. */
final class BorrowedTest extends TestCase
{
    private const SHEET = ['10:20 a.m. + 1 h 50 min', '2 h 15 min + 3 h 50 min', '6 h 5 min - 1 h 20 min', '9:35 p.m. - 40 min', '25 min + 50 min', '7:05 a.m. to 1:40 p.m.', '4 h 35 min - 1 h 10 min'];

    public function testWhatSumsGiveAndWhatTheyComeTo(): void
    {
        $borrowed = Borrowed::ofSums(...self::sums(...self::SHEET));
        // 10:20, 12:10; 21:35, 20:55; 7:05, 13:40
        self::assertEqualsCanonicalizing([620, 730, 1295, 1255, 425, 820], $borrowed->times);
        self::assertEqualsCanonicalizing([110, 135, 230, 365, 80, 285, 40, 25, 50, 75, 395, 275, 70, 205], $borrowed->lengths);
        // what is taken away and what is left: 1 h 20 min and 4 h 45 min, 1 h 10 min and 3 h 25 min
        self::assertEqualsCanonicalizing([[135, 230], [80, 285], [25, 50], [70, 205]], $borrowed->sums);
        $two = Borrowed::ofSums(...self::sums('6:05 a.m. to 6:50 a.m.'));
        self::assertFalse($two->isEnoughOf(Borrows::Times));
        self::assertTrue($borrowed->isEnoughOf(Borrows::Times));
    }

    public function testTheyAreInTheGames(): void
    {
        $borrowed = Borrowed::ofSums(...self::sums(...self::SHEET));
        foreach (Level::cases() as $level) {
            for ($seed = 1; $seed <= 20; ++$seed) {
                $said = $level->value.', seed '.$seed;
                $faces = array_map(static fn (int $time): int => $time % 720, $borrowed->times);
                $lotto = self::make('lotto', $level, $seed, $borrowed);
                self::assertInstanceOf(LottoCards::class, $lotto->numbers);
                self::assertSame([], array_diff($faces, array_column($lotto->numbers->times, 'minutes')), $said);
                self::assertStringContainsString('6 of the', $lotto->notes[0] ?? '');
                $ring = self::make('lighthouse-ring', $level, $seed, $borrowed);
                self::assertInstanceOf(Lighthouse::class, $ring->numbers);
                self::assertCount(6, array_intersect(array_column($ring->numbers->faces, 'minutes'), $faces), $said);
                $pond = self::make('skimming-stones', $level, $seed, $borrowed);
                self::assertInstanceOf(Pond::class, $pond->numbers);
                self::assertGreaterThanOrEqual(3, \count(array_intersect(array_column($pond->numbers->stones, 'minutes'), $borrowed->lengths)), $said);
                $digits = self::make('missing-digits', $level, $seed, $borrowed);
                self::assertInstanceOf(Digits::class, $digits->numbers);
                self::assertStringStartsWith('3 of the 4 sums', $digits->notes[0] ?? '', $said);
                foreach ($digits->numbers->sums as $sum) {
                    self::assertSame(1, MissingDigits::solutions($sum), $said);
                }
                $wall = self::make('adding-wall', $level, $seed, $borrowed);
                self::assertInstanceOf(Walls::class, $wall->numbers);
                foreach ($wall->numbers->walls as $rows) {
                    $bottom = array_map(static fn (Brick $one): int => $one->length->minutes, $rows[0]);
                    if (Level::Support !== $level) {
                        self::assertSame([], array_diff($bottom, $borrowed->lengths), $said);
                    }
                    foreach (\array_slice($rows, 1) as $r => $row) {
                        foreach ($row as $i => $brick) {
                            self::assertSame($rows[$r][$i]->length->minutes + $rows[$r][$i + 1]->length->minutes, $brick->length->minutes, $said);
                        }
                    }
                }
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function rungs(): iterable
    {
        foreach (Core::get(Ladder::class)->rungs() as $rung) {
            yield $rung->id => [$rung->id];
        }
    }

    /** Whatever stands on a sheet: every game is made, with its numbers or without, and soon. */
    #[DataProvider('rungs')]
    public function testAnySheetGivesAGameOrNone(string $rung): void
    {
        $borrowed = Borrowed::ofSums(...Core::get(Generator::class)->draw(Core::get(Ladder::class)->rung($rung), Level::Core, 12, 5)->sums);
        foreach ($borrowed->times as $time) {
            self::assertTrue($time >= 0 && $time < 1440);
        }
        foreach (Core::get(Activities::class)->ids() as $id) {
            $before = hrtime(true);
            $planned = Core::get(Activities::class)->plan($id, 24, null, Level::Support, 3, shorter: false, borrowed: $borrowed);
            self::assertLessThan(2e9, hrtime(true) - $before, $id);
            $takes = $planned->intro->borrows;
            if (null === $takes || !$borrowed->isEnoughOf($takes)) {
                self::assertStringNotContainsString('of the sheet', implode(' ', $planned->made->notes), $id);
            }
        }
    }

    private static function make(string $id, Level $level, int $seed, Borrowed $borrowed): Made
    {
        return Core::get(Activities::class)->plan($id, 24, null, $level, $seed, shorter: false, borrowed: $borrowed)->made;
    }

    /** @return list<Sum> */
    private static function sums(string ...$texts): array
    {
        return array_map(static fn (string $text): Sum => Core::get(SumReader::class)->read($text)->sum, array_values($texts));
    }
}
