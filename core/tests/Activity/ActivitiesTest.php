<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Activity;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Activity\Activities;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Moment;
use Rostik\Core\Activity\NoSuchActivity;
use Rostik\Core\Activity\Numbers\Bell;
use Rostik\Core\Activity\Numbers\Brick;
use Rostik\Core\Activity\Numbers\ClockParts;
use Rostik\Core\Activity\Numbers\DayOrder;
use Rostik\Core\Activity\Numbers\Digits;
use Rostik\Core\Activity\Numbers\Estimate;
use Rostik\Core\Activity\Numbers\Lighthouse;
use Rostik\Core\Activity\Numbers\Loop;
use Rostik\Core\Activity\Numbers\LottoCards;
use Rostik\Core\Activity\Numbers\Pond;
use Rostik\Core\Activity\Numbers\Ring;
use Rostik\Core\Activity\Numbers\SortCard;
use Rostik\Core\Activity\Numbers\Sorting;
use Rostik\Core\Activity\Numbers\Spinner;
use Rostik\Core\Activity\Numbers\Stock;
use Rostik\Core\Activity\Numbers\Walls;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;

/** What each activity promises, looked at in its numbers alone, without what made them. */
final class ActivitiesTest extends TestCase
{
    /** @return iterable<string, array{string, Level}> */
    public static function each(): iterable
    {
        foreach (Core::get(Activities::class)->ids() as $id) {
            foreach (Level::cases() as $level) {
                yield $id.', '.$level->value => [$id, $level];
            }
        }
    }

    private static function seeds(): int
    {
        return '1' === getenv('ROSTIK_EVERY') ? 1000 : 80;
    }

    #[DataProvider('each')]
    public function testPromisesHold(string $id, Level $level): void
    {
        for ($seed = 1, $seeds = self::seeds(); $seed <= $seeds; ++$seed) {
            // class, group and choices change with the seed
            $children = 6 + $seed % 31;
            $intro = Core::get(Activities::class)->activity($id)->intro();
            $options = [];
            foreach ($intro->options as $i => $option) {
                $ids = $option->ids();
                $options[$option->id] = 0 === $seed % 3 ? $option->usual($level) : $ids[intdiv($seed, 2 + $i) % \count($ids)];
            }
            $wanted = Wanted::of($intro, $children, 1 + $seed % 6, $level, $seed, $options);
            $made = Core::get(Activities::class)->activity($id)->make($wanted);
            $said = \sprintf('%s, %s, seed %d, %d children, %s', $id, $level->value, $seed, $children, json_encode($options));
            $this->holds($made, $wanted, $said);
            self::assertEquals($made->numbers, Core::get(Activities::class)->activity($id)->make($wanted)->numbers, $said.': the same seed, the same numbers');
        }
    }

    private function holds(Made $made, Wanted $wanted, string $said): void
    {
        $numbers = $made->numbers;
        $level = $wanted->level;
        match (true) {
            $numbers instanceof Ring => self::ring($numbers, $wanted, $said),
            $numbers instanceof Bell => self::bell($numbers, $level, $said),
            $numbers instanceof Walls => self::walls($numbers, $wanted, $said),
            $numbers instanceof Digits => self::digits($numbers, $level, $said),
            $numbers instanceof Sorting => self::sorting($numbers, $level, $said),
            $numbers instanceof Stock => self::stock($numbers, $level, $said),
            $numbers instanceof Spinner => self::spinner($numbers, $level, $said),
            $numbers instanceof Pond => self::pond($numbers, $level, $said),
            $numbers instanceof Lighthouse => self::lighthouse($numbers, $level, $said),
            $numbers instanceof Loop => self::loop($numbers, $wanted, $said),
            $numbers instanceof LottoCards => self::lotto($numbers, $wanted, $said),
            $numbers instanceof DayOrder => self::dayOrder($numbers, $said),
            $numbers instanceof ClockParts => self::assertSame(range(1, 12), self::sorted([...$numbers->printed, ...$numbers->order]), $said),
            $numbers instanceof Estimate => self::assertTrue($numbers->target >= 10 && $numbers->target <= 180, $said),
            default => self::fail($said.': nothing is known of such numbers'),
        };
    }

    /**
     * @param list<int> $numbers
     *
     * @return list<int>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }

    /** @param list<int> $numbers */
    private static function least(array $numbers): int
    {
        return [] === $numbers ? self::fail('There are none.') : min($numbers);
    }

    /** @param list<int> $numbers */
    private static function most(array $numbers): int
    {
        return [] === $numbers ? self::fail('There are none.') : max($numbers);
    }

    private static function fives(Level $level, string $said, int ...$minutes): void
    {
        if (Level::Support === $level) {
            foreach ($minutes as $one) {
                self::assertSame(0, $one % 5, $said.': fives only');
            }
        }
    }

    private static function ring(Ring $ring, Wanted $wanted, string $said): void
    {
        $minutes = array_map(static fn ($one): int => $one->says->minutes, $ring->said);
        foreach ($minutes as $i => $one) {
            self::assertSame($i % $wanted->children, $ring->said[$i]->child, $said);
            if ($i > 0) {
                self::assertSame($ring->step, abs($one - $minutes[$i - 1]), $said);
            }
        }
        self::assertSame($minutes[0] + 60, $minutes[$ring->turn], $said);
        self::assertSame(self::most($minutes), $minutes[$ring->turn], $said);
        // it ends where it began, and everybody has spoken
        self::assertSame($minutes[0], $minutes[\count($minutes) - 1], $said);
        self::assertGreaterThanOrEqual($wanted->children, \count($minutes), $said);
        self::fives($wanted->level, $said, ...$minutes);
    }

    private static function bell(Bell $bell, Level $level, string $said): void
    {
        foreach ($bell->rounds as $round) {
            self::assertGreaterThan(1, $round->count, $said);
            self::assertSame($round->count * $bell->worth->minutes, $round->length->minutes, $said);
            self::assertSame(null === $round->from, null === $round->until, $said);
            if (null !== $round->from && null !== $round->until) {
                self::assertSame($round->from->minutes + $round->length->minutes, $round->until->minutes, $said.': not past midnight');
            }
            self::fives($level, $said, $round->length->minutes, $round->from->minutes ?? 0);
            if (Level::Support === $level) {
                self::assertLessThanOrEqual(60, $round->length->minutes, $said);
                self::assertNull($round->from, $said);
            }
        }
    }

    private static function walls(Walls $walls, Wanted $wanted, string $said): void
    {
        foreach ($walls->walls as $wall) {
            $carried = 0;
            $hiddenBelow = 0;
            foreach ($wall as $r => $row) {
                self::assertCount(\count($wall[0]) - $r, $row, $said);
                foreach ($row as $i => $brick) {
                    self::fives($wanted->level, $said, $brick->length->minutes);
                    $hiddenBelow += 0 === $r && $brick->hidden ? 1 : 0;
                    if ($r > 0) {
                        $below = [$wall[$r - 1][$i]->length->minutes, $wall[$r - 1][$i + 1]->length->minutes];
                        self::assertSame(array_sum($below), $brick->length->minutes, $said);
                        $carried += $below[0] % 60 + $below[1] % 60 >= 60 ? 1 : 0;
                    }
                }
            }
            self::assertSame('yes' === $wanted->option('regroups'), $carried > 0, $said);
            self::assertSame(Level::Stretch === $wanted->level, $hiddenBelow > 0, $said);
            self::assertSame(\count($wall[0]), self::rank($wall), $said.': what is given settles the bottom row');
        }
    }

    /**
     * Each brick is a sum of bricks of the bottom row, so often as Pascal's triangle says: the given ones settle the bottom
     * row just when these equations have full rank (Gauss).
     *
     * @param list<list<Brick>> $wall
     */
    private static function rank(array $wall): int
    {
        $width = \count($wall[0]);
        $equations = [];
        foreach ($wall as $r => $row) {
            foreach ($row as $i => $brick) {
                if (!$brick->hidden) {
                    $equation = array_fill(0, $width, 0.0);
                    $times = 1;
                    for ($k = 0; $k <= $r; ++$k) {
                        $equation[$i + $k] = (float) $times;
                        $times = intdiv($times * ($r - $k), $k + 1);
                    }
                    $equations[] = $equation;
                }
            }
        }
        $rank = 0;
        for ($column = 0; $column < $width; ++$column) {
            foreach ($equations as $e => $equation) {
                if ($e >= $rank && abs($equation[$column]) > 1e-9) {
                    [$equations[$rank], $equations[$e]] = [$equation, $equations[$rank]];
                    foreach ($equations as $f => $other) {
                        if ($f > $rank) {
                            $factor = $other[$column] / $equations[$rank][$column];
                            $equations[$f] = array_map(static fn (float $a, float $b): float => $a - $factor * $b, $other, $equations[$rank]);
                        }
                    }
                    ++$rank;
                    break;
                }
            }
        }

        return $rank;
    }

    private static function digits(Digits $digits, Level $level, string $said): void
    {
        foreach ($digits->sums as $sum) {
            [$a, $b, $c] = array_map(static fn ($row): int => 60 * $row->hours + $row->minutes, $sum->rows);
            self::assertSame($c, '+' === $sum->sign ? $a + $b : $a - $b, $said);
            self::fives($level, $said, $a, $b, $c);
            $regroups = '+' === $sum->sign ? $a % 60 + $b % 60 >= 60 : $a % 60 < $b % 60;
            self::assertSame(Level::Support !== $level, $regroups, $said);
            $text = implode('', array_map(static fn ($row): string => str_replace(':', '', $row->shown()), $sum->rows));
            $boxes = array_keys(array_filter(str_split($text), static fn (string $sign): bool => '?' === $sign));
            if (\count($boxes) > 3 && '1' !== getenv('ROSTIK_EVERY') && 0 !== crc32($said) % 8) {
                // ten thousand fillings: every eighth one will do, but for the whole run
                continue;
            }
            // every filling of all boxes is tried, digit by digit
            $right = 0;
            for ($filling = 0, $all = 10 ** \count($boxes); $filling < $all; ++$filling) {
                $rest = $filling;
                $filled = $text;
                foreach ($boxes as $box) {
                    $filled[$box] = (string) ($rest % 10);
                    $rest = intdiv($rest, 10);
                }
                $values = [];
                foreach (str_split($filled, 3) as $row) {
                    if ('0' === $row[0] || (int) substr($row, 1) > 59) {
                        continue 2;
                    }
                    $values[] = 60 * (int) $row[0] + (int) substr($row, 1);
                }
                $right += ('+' === $sum->sign ? $values[0] + $values[1] : $values[0] - $values[1]) === $values[2] ? 1 : 0;
            }
            self::assertSame(1, $right, $said.': '.$text);
        }
    }

    private static function sorting(Sorting $sorting, Level $level, string $said): void
    {
        $in = array_fill_keys(array_map(static fn ($one): string => $one->id, $sorting->fields), 0);
        foreach ($sorting->cards as $card) {
            if ('' === $card->field) {
                self::assertNotSame('', $card->discuss, $said);
                continue;
            }
            self::assertArrayHasKey($card->field, $in, $said);
            ++$in[$card->field];
            self::assertSame($card->field, self::field($card) ?? $card->field, $said.': '.$card->text);
            foreach ([...$card->faces, ...$card->times] as $one) {
                self::fives($level, $said, $one->minutes);
            }
        }
        self::assertCount(1, array_unique($in), $said.': as many in each field');
        $texts = array_map(static fn (SortCard $card): string => $card->text.' '.implode(' ', array_map(static fn (Moment $face): string => $face->digits(), $card->faces)), $sorting->cards);
        self::assertSame($texts, array_values(array_unique($texts)), $said.': no two cards are alike');
        // what straddles the boundary does so evenly
        $spans = array_map(static fn (SortCard $card): int => [] === $card->faces ? 0 : (int) $card->minutes - 60, $sorting->cards);
        self::assertSame(0, array_sum($spans), $said);
    }

    private static function field(SortCard $card): ?string
    {
        if ([] !== $card->faces) {
            $apart = ($card->faces[1]->minutes - $card->faces[0]->minutes + 720) % 720;

            return [-1 => 'less', 0 => 'exactly', 1 => 'more'][$apart <=> 60];
        }
        if ([] !== $card->times) {
            $from = $card->times[0]->minutes;
            $until = ($card->times[1] ?? $card->times[0])->minutes;

            return $until < 720 ? 'am' : ($from > 720 ? 'pm' : 'both');
        }
        if (null !== $card->minutes) {
            return $card->minutes < 8 ? 'minute' : 'hour';
        }

        return null;
    }

    private static function stock(Stock $stock, Level $level, string $said): void
    {
        self::fives($level, $said, ...$stock->minutes);
        self::assertCount(12, array_unique($stock->minutes), $said);
        $hours = $minutes = [];
        foreach ($stock->stock as $card) {
            self::assertSame($card->answer->minutes, ($card->shows->minutes + $stock->by->minutes) % 720, $said);
            $hours[] = intdiv($card->answer->minutes + 660, 60) % 12 + 1;
            $minutes[] = $card->answer->minutes % 60;
        }
        // each card that was dealt is called for once: nobody is stuck
        self::assertSame($stock->hours, self::sorted($hours), $said);
        self::assertSame(self::sorted($stock->minutes), self::sorted($minutes), $said);
        self::assertSame(range(0, 23), self::sorted(array_merge(...$stock->deal)), $said);
        $sizes = array_map(\count(...), $stock->deal);
        self::assertLessThanOrEqual(1, self::most($sizes) - self::least($sizes), $said);
    }

    private static function spinner(Spinner $spinner, Level $level, string $said): void
    {
        $minutes = array_map(static fn ($one): int => $one->length->minutes, $spinner->sectors);
        self::assertSame($spinner->unit, self::least($minutes), $said);
        self::assertCount(\count($minutes), array_unique($minutes), $said);
        $angle = 0.0;
        foreach ($spinner->sectors as $sector) {
            self::assertSame(0, $sector->length->minutes % $spinner->unit, $said.': midnight can be met');
            self::assertEqualsWithDelta($angle, $sector->from, 1e-9, $said);
            self::assertEqualsWithDelta(360 * $sector->weight / $spinner->whole, $sector->to - $sector->from, 1e-9, $said);
            $angle = $sector->to;
        }
        self::assertEqualsWithDelta(360, $angle, 1e-9, $said);
        self::fives($level, $said, ...$minutes);
        self::assertLessThanOrEqual(Level::Support === $level ? 60 : 90, self::most($minutes), $said);
        self::assertContains($spinner->places[\count($spinner->places) - 1]->minutes, [0, 840, 1080], $said.': the last place is that of the ferry');
        foreach (\array_slice($spinner->places, 1) as $i => $place) {
            self::assertSame(($spinner->places[$i]->minutes + $spinner->unit) % 1440, $place->minutes, $said);
        }
        // the spins are as likely as the sectors are wide
        foreach (array_count_values($spinner->spins) as $at => $often) {
            $likely = $spinner->sectors[$at]->weight / $spinner->whole;
            $sd = sqrt(\count($spinner->spins) * $likely * (1 - $likely));
            self::assertEqualsWithDelta(\count($spinner->spins) * $likely, $often, 5 * $sd, $said);
        }
    }

    private static function pond(Pond $pond, Level $level, string $said): void
    {
        $stones = array_map(static fn ($one): int => $one->minutes, $pond->stones);
        self::fives($level, $said, ...$stones);
        $count = \count($stones);
        self::assertCount($count, array_unique($stones), $said);
        self::assertCount(intdiv($count * ($count + 1), 2), $pond->pairs, $said.': the key has every pair');
        $regrouped = 0;
        foreach ($pond->pairs as $pair) {
            self::assertSame($stones[$pair->first] + $stones[$pair->second], $pair->sum->minutes, $said);
            self::assertSame(intdiv($pair->sum->minutes, 60) > intdiv($stones[$pair->first], 60) + intdiv($stones[$pair->second], 60), $pair->regroups, $said);
            $regrouped += $pair->regroups ? ($pair->first === $pair->second ? 1 : 2) : 0;
        }
        self::assertEqualsWithDelta($regrouped / $count ** 2, $pond->regroups, 1e-9, $said);
        self::assertTrue($pond->regroups >= 0.2 && $pond->regroups <= 0.65, $said);
        foreach ($pond->places as [$across, $down]) {
            self::assertTrue($across > 0 && $across < 1 && $down > 0 && $down < 1, $said);
        }
    }

    private static function lighthouse(Lighthouse $lighthouse, Level $level, string $said): void
    {
        self::assertCount(2 * \count($lighthouse->faces), $lighthouse->ring, $said);
        self::assertSame(array_fill(0, \count($lighthouse->faces), 2), array_values(array_count_values($lighthouse->meets)), $said.': each face is met');
        foreach ($lighthouse->ring as $place => $time) {
            self::assertSame($lighthouse->faces[$lighthouse->meets[$place]]->minutes, $time->minutes % 720, $said);
            self::fives($level, $said, $time->minutes);
        }
        $texts = array_map(static fn (Moment $one): string => $one->text, $lighthouse->ring);
        self::assertCount(\count($lighthouse->faces) * (Level::Support === $level ? 1 : 2), array_unique($texts), $said);
        self::assertTrue(self::least($lighthouse->rolls) >= 1 && self::most($lighthouse->rolls) <= 6, $said);
    }

    private static function loop(Loop $loop, Wanted $wanted, string $said): void
    {
        self::assertCount($wanted->children, $loop->cards, $said.': one for each child');
        $mine = array_map(static fn ($card): int => $card->mine->minutes, $loop->cards);
        self::assertCount(\count($mine), array_unique($mine), $said.': no time twice');
        $round = 60 * $loop->hours;
        foreach ($loop->cards as $i => $card) {
            $next = $loop->cards[($i + 1) % \count($loop->cards)]->mine->minutes;
            $length = $card->later ? $card->length->minutes : -$card->length->minutes;
            self::assertSame($next, ($card->mine->minutes + $length + $round) % $round, $said.': one closed chain');
            self::fives($wanted->level, $said, $card->mine->minutes, $length);
            self::assertTrue($card->length->minutes >= 10 && $card->length->minutes <= [60, 110, 200][array_search($wanted->level, Level::cases(), true)], $said);
        }
    }

    private static function lotto(LottoCards $lotto, Wanted $wanted, string $said): void
    {
        self::assertCount($wanted->children, $lotto->cards, $said);
        $sets = [];
        foreach ($lotto->cards as $card) {
            self::assertCount(9, array_unique($card), $said);
            sort($card);
            $sets[] = implode(' ', $card);
        }
        self::assertSame($sets, array_values(array_unique($sets)), $said.': all cards are different');
        self::assertSame(array_keys($lotto->times), self::sorted($lotto->calls), $said);
        $minutes = array_map(static fn (Moment $one): int => $one->minutes, $lotto->times);
        self::assertCount(\count($minutes), array_unique($minutes), $said);
        self::fives($wanted->level, $said, ...$minutes);
    }

    private static function dayOrder(DayOrder $day, string $said): void
    {
        $times = array_map(static fn (int $at): int => $day->cards[$at]->when->minutes, $day->order);
        $inOrder = $times;
        sort($inOrder);
        self::assertSame($inOrder, $times, $said.': the order is that of the times');
        self::assertNotSame(range(0, \count($times) - 1), $day->order, $said.': it is given in another');
        self::assertTrue($times[0] < 720 && $times[\count($times) - 1] >= 720, $said.': neighbours differ by the half of the day');
        self::assertNotSame([], $day->sentences, $said);
    }

    public function testAChainClosesForEveryClass(): void
    {
        $chain = Core::get(Activities::class)->activity('chain');
        foreach (range(6, 36) as $children) {
            foreach (Level::cases() as $level) {
                foreach (range(1, 6) as $seed) {
                    $wanted = Wanted::of($chain->intro(), $children, null, $level, $seed);
                    $numbers = $chain->make($wanted)->numbers;
                    self::assertInstanceOf(Loop::class, $numbers);
                    self::loop($numbers, $wanted, $children.' children, '.$level->value.', seed '.$seed);
                    if ($children >= 14) {
                        self::assertNotContains(false, array_map(static fn ($card): bool => $card->later, $numbers->cards), 'with so many it goes on later and later');
                    }
                }
            }
        }
    }

    public function testEachIsWholeAndItsRungsAreOnTheLadder(): void
    {
        $ladder = array_map(static fn ($rung): string => $rung->id, Core::get(Ladder::class)->rungs());
        $activities = Core::get(Activities::class);
        self::assertSame(['counting-ring', 'bell-buoy', 'adding-wall', 'missing-digits', 'half-a-minute', 'sort-halves', 'sort-lengths', 'sort-spans', 'moved-on-cards', 'last-ferry', 'skimming-stones', 'lighthouse-ring', 'chain', 'lotto', 'make-a-clock', 'order-of-the-day'], $activities->ids());
        foreach ($activities->ids() as $id) {
            $intro = $activities->activity($id)->intro();
            self::assertSame([], array_diff($intro->rungs, $ladder), $id);
            $planned = $activities->plan($id, 24, null, Level::Core, 1);
            self::assertNotSame([], $planned->made->steps, $id);
            self::assertGreaterThan(0, $planned->minutes->expected, $id);
            self::assertLessThanOrEqual($planned->minutes->all, $planned->minutes->p90, $id);
            foreach ($planned->made->materials as $material) {
                self::assertGreaterThan(0, $material->count, $id);
            }
            foreach ($planned->shorter as $shorter) {
                self::assertLessThan($planned->minutes->expected, $shorter->minutes, $id);
            }
        }
    }

    public function testItIsWrittenAsTheClassWrites(): void
    {
        $activities = Core::get(Activities::class);
        foreach ($activities->ids() as $id) {
            foreach (Level::cases() as $level) {
                $planned = $activities->plan($id, 24, null, $level, 5, [], new Style(always24: true));
                $all = Marked::plain((string) json_encode([$planned->made->numbers, $planned->made->steps, $planned->made->words], \JSON_UNESCAPED_UNICODE));
                self::assertDoesNotMatchRegularExpression('/\b[ap]\.m\./', $all, $id.', '.$level->value);
            }
        }
    }

    /** @return iterable<string, array{\Closure(): mixed, string}> */
    public static function impossible(): iterable
    {
        $plan = static fn (string $id, int $children, ?int $group, string ...$options): \Closure => static fn () => Core::get(Activities::class)->plan($id, $children, $group, Level::Core, 1, array_filter($options, is_string(...), \ARRAY_FILTER_USE_KEY));
        yield 'no such activity' => [$plan('ferris-wheel', 24, 4), 'There is no activity “ferris-wheel”. There are: counting-ring'];
        yield 'nobody' => [$plan('lotto', 0, 4), 'A class has 1 to 40 children here.'];
        yield 'too many' => [$plan('lotto', 41, 4), 'A class has 1 to 40 children here.'];
        yield 'no group' => [$plan('lotto', 24, 0), 'A group has 1 child at least.'];
        yield 'no such option' => [$plan('chain', 24, 4, rule: 'pass'), 'Nothing can be chosen about it'];
        yield 'no such choice' => [$plan('last-ferry', 24, 4, rule: 'never'), '“never” is no choice for “rule”. There are: pass, exactly.'];
    }

    /** @param \Closure(): mixed $act */
    #[DataProvider('impossible')]
    public function testWhatIsNotPossibleIsRefusedInWords(\Closure $act, string $message): void
    {
        $this->expectException(NoSuchActivity::class);
        $this->expectExceptionMessage($message);
        $act();
    }

    /** Anything at all that can be asked for is made, quickly. */
    public function testAnyClassAnyGroupAnySeed(): void
    {
        $activities = Core::get(Activities::class);
        foreach ($activities->ids() as $id) {
            foreach ([[1, 1], [1, 9], [2, 5], [3, null], [5, 2], [7, 6], [23, 4], [40, 40], [40, 1]] as [$children, $group]) {
                foreach ([\PHP_INT_MIN, -1, 0, \PHP_INT_MAX] as $seed) {
                    $planned = $activities->plan($id, $children, $group, Level::cases()[abs($seed % 3)], $seed, [], new Style(), shorter: false);
                    self::assertSame($children, array_sum($planned->wanted->groups()), $id);
                    self::assertGreaterThan(0, $planned->turns->expected(), $id);
                }
            }
        }
    }
}
