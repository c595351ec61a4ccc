<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Game;

use Rostik\Core\Activity\Activity;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Borrows;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\Numbers\Brick;
use Rostik\Core\Activity\Numbers\Walls;
use Rostik\Core\Activity\Option;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;

/** Rows of lengths, each brick the sum of the two below it, up to the top. Common practice, no source. */
final readonly class AddingWall implements Activity
{
    private const TRIES = 100;
    private const LONGEST_BORROWED = 180;

    public static function precedence(): int
    {
        return 140;
    }

    public function intro(): Intro
    {
        return new Intro(
            'adding-wall',
            'Adding wall',
            'Adding many lengths, and at stretch taking away to find what is below.',
            ['add-plain', 'add-regroup', 'add-many', 'subtract-plain', 'subtract-regroup'],
            Sort::WarmUp,
            Sizes::groups(1, 4, 2),
            [AtHand::Board, AtHand::Printer],
            [new Option('regroups', 'Regrouping', ['yes' => 'with regrouping', 'no' => 'without regrouping'], ['support' => 'no'])],
            [],
            'bricks',
            borrows: Borrows::Lengths,
        );
    }

    public function make(Wanted $wanted): Made
    {
        $walls = [];
        $hidden = $borrowed = 0;
        $lengths = !$wanted->borrowed->isEnoughOf(Borrows::Lengths) ? [] : array_values(array_filter($wanted->borrowed->lengths, static fn (int $one): bool => $one <= self::LONGEST_BORROWED));
        for ($i = 0, $count = Level::Support === $wanted->level ? 3 : 2; $i < $count; ++$i) {
            $dice = $wanted->dice('wall', (string) $i);
            $rows = $this->rows($wanted->level, 'yes' === $wanted->option('regroups'), $lengths, $dice);
            $borrowed += \count(array_intersect($rows[0], $lengths));
            $shown = $this->shown($rows, $wanted->level, $dice);
            $wall = [];
            foreach ($rows as $r => $row) {
                $bricks = [];
                foreach ($row as $at => $minutes) {
                    $isHidden = !($shown[$r][$at] ?? false);
                    $hidden += $isHidden ? 1 : 0;
                    $bricks[] = new Brick($wanted->saying->span($minutes), $isHidden);
                }
                $wall[] = $bricks;
            }
            $walls[] = $wall;
        }

        return new Made(
            new Walls($walls),
            static fn (): Turns => Turns::fixed($hidden),
            Level::Support === $wanted->level ? 30.0 : 40.0,
            2.0,
            [new Material('sheets with the walls', $wanted->groupCount())],
            [
                'Two bricks carry the one above them: add them, and write the sum on it.',
                Level::Stretch === $wanted->level ? 'Some bricks below are missing, too: what must be added to the one to make the brick above?' : 'Begin at the bottom, and go up row by row.',
                'Sixty minutes make an hour: write hours and minutes.',
                'When the top is reached, compare with another group.',
            ],
            ['altogether', 'sum', 'regroup'],
            [] === $lengths || 0 === $borrowed ? [] : [\sprintf('%d of the bricks below are lengths of the sheet.', $borrowed)],
        );
    }

    /**
     * @param list<int> $lengths of a sheet; the row below is taken from them where it can be
     *
     * @return non-empty-list<non-empty-list<int>> in minutes, from the bottom up
     */
    private function rows(Level $level, bool $regroups, array $lengths, Dice $dice): array
    {
        $width = Level::Support === $level ? 3 : 4;
        $step = $level->step();
        $tries = 0;
        do {
            $row = [];
            $borrows = ++$tries <= self::TRIES && \count($lengths) >= $width;
            $taken = $borrows ? $dice->shuffle($lengths) : [];
            for ($i = 0; $i < $width; ++$i) {
                $row[] = $taken[$i] ?? match (true) {
                    // so little that even the top stays below 60 minutes, beside whole hours
                    !$regroups => $dice->number(Level::Support === $level ? 5 : 2, Level::Support === $level ? 20 : 11, $step) + (Level::Support === $level ? 0 : 60 * $dice->number(0, 2)),
                    Level::Support === $level => $dice->number(10, 30, $step),
                    default => $dice->number(Level::Stretch === $level ? 13 : 10, Level::Stretch === $level ? 115 : 55, $step),
                };
            }
            $rows = [$row];
            $carried = $sums = 0;
            while (\count($row) > 1) {
                $next = [];
                for ($i = 1; $i < \count($row); ++$i) {
                    $next[] = $row[$i - 1] + $row[$i];
                    $carried += $row[$i - 1] % 60 + $row[$i] % 60 >= 60 ? 1 : 0;
                    ++$sums;
                }
                $rows[] = $row = $next;
            }
            // core has fives and ones
            $mixed = $borrows || Level::Support === $level || [] !== array_filter($rows[0], static fn (int $one): bool => 0 !== $one % 5);
        } while (!$mixed || ($regroups ? 3 * $carried < $sums : $carried > 0));

        return $rows;
    }

    /**
     * Which bricks are given: from the bottom row at support and core; at stretch as few, spread over the wall, from which the others can be found one by one.
     *
     * @param non-empty-list<non-empty-list<int>> $rows
     *
     * @return array<int, array<int, bool>>
     */
    private function shown(array $rows, Level $level, Dice $dice): array
    {
        $shown = array_map(static fn (array $row): array => array_map(static fn (): bool => true, $row), $rows);
        if (Level::Stretch !== $level) {
            return [$shown[0], ...array_map(static fn (array $row): array => array_map(static fn (): bool => false, $row), \array_slice($shown, 1))];
        }
        $bricks = [];
        foreach ($rows as $r => $row) {
            foreach (array_keys($row) as $i) {
                $bricks[] = [$r, $i];
            }
        }
        // one below goes first, so that there is something to take away
        $first = [0, $dice->number(0, \count($rows[0]) - 1)];
        foreach ([$first, ...$dice->shuffle($bricks)] as [$r, $i]) {
            $without = $shown;
            $without[$r][$i] = false;
            if (self::canBeFound($without)) {
                $shown = $without;
            }
        }

        return $shown;
    }

    /** @param array<int, array<int, bool>> $known by row from the bottom up */
    private static function canBeFound(array $known): bool
    {
        do {
            $found = false;
            foreach ($known as $r => $row) {
                foreach (array_keys($row) as $i) {
                    if (!isset($known[$r + 1][$i])) {
                        continue;
                    }
                    $three = [[$r, $i], [$r, $i + 1], [$r + 1, $i]];
                    $missing = array_values(array_filter($three, static fn (array $at): bool => !$known[$at[0]][$at[1]]));
                    if (1 === \count($missing)) {
                        $known[$missing[0][0]][$missing[0][1]] = true;
                        $found = true;
                    }
                }
            }
        } while ($found);

        return [] === array_filter($known, static fn (array $row): bool => \in_array(false, $row, true));
    }
}
