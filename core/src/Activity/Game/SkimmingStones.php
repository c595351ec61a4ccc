<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Game;

use Rostik\Core\Activity\Activity;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Borrows;
use Rostik\Core\Activity\Cautions;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\Numbers\PairSum;
use Rostik\Core\Activity\Numbers\Pond;
use Rostik\Core\Activity\Option;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;

/**
 * A pond of stones with lengths: a counter is sent twice, the two lengths are added, a partner checks. Each stone is taken to
 * be as likely as any other, whatever was met before. Common practice, no source.
 */
final readonly class SkimmingStones implements Activity
{
    private const SENDS = 5;
    private const REGROUPED = 3;
    private const NEVER = 1e-10;
    private const TRIES = 20;

    public static function precedence(): int
    {
        return 60;
    }

    public function intro(): Intro
    {
        return new Intro(
            'skimming-stones',
            'Skimming stones',
            'Adding two lengths, now with regrouping and now without.',
            ['add-plain', 'add-regroup'],
            Sort::Game,
            Sizes::groups(1, 6, 2),
            [AtHand::Printer, AtHand::Counters, AtHand::Space],
            [new Option('rule', 'It ends', ['sends' => 'after five sums each', 'regrouped' => 'when somebody has three sums that regroup'])],
            [Cautions::SPACE, Cautions::SCHOOL],
            'sums',
            borrows: Borrows::Lengths,
        );
    }

    public function make(Wanted $wanted): Made
    {
        $dice = $wanted->dice('pond');
        $lengths = array_values(array_filter($dice->shuffle($wanted->borrowed->lengths), static fn (int $one): bool => 0 !== $one % 60));
        [$stones, $regroups] = $this->stones($wanted->level, $wanted->borrowed->isEnoughOf(Borrows::Lengths) ? $lengths : [], $dice);
        $borrowed = \count(array_intersect($stones, $lengths));
        $pairs = [];
        foreach ($stones as $i => $a) {
            foreach (\array_slice($stones, $i, null, true) as $j => $b) {
                $pairs[] = new PairSum($i, $j, $wanted->saying->span($a + $b), self::regroup($a, $b));
            }
        }
        $players = $wanted->largest();
        $groups = $wanted->groupCount();

        return new Made(
            new Pond(array_map($wanted->saying->span(...), $stones), $pairs, $regroups, $this->places(\count($stones), $wanted->dice('places'))),
            static fn (): Turns => 'regrouped' === $wanted->option('rule') ? self::until(self::REGROUPED, $regroups)->first($players) : Turns::fixed(self::SENDS * $players),
            Level::Support === $wanted->level ? 30.0 : 40.0,
            3.0,
            [
                new Material('sheets with the pond', $groups),
                new Material('sheets with the partner’s key', $groups),
                new Material('counters', $groups),
            ],
            [
                'Put the counter at the edge of the pond, and send it with a finger: on which stone does it stop? Between two, the nearer one counts.',
                'Send it once more, and add the two lengths. Write the sum.',
                'Your partner looks it up in the key before you change.',
                'regrouped' === $wanted->option('rule') ? 'Who is first to have three sums in which sixty minutes became an hour?' : 'After five sums each, count in how many of them sixty minutes became an hour.',
            ],
            ['altogether', 'sixty minutes make an hour', 'regroup'],
            [
                ...(0 === $borrowed ? [] : [\sprintf('%d of the %d stones are lengths of the sheet.', $borrowed, \count($stones))]),
                \sprintf('Of a hundred throws of two, %d are expected to regroup.', (int) round(100 * $regroups)),
            ],
        );
    }

    public static function regroup(int $a, int $b): bool
    {
        return $a % 60 + $b % 60 >= 60;
    }

    /**
     * How many sums one player alone needs until so many have regrouped: the negative binomial distribution (B. Pascal).
     *
     * @param float $chance that one regroups, above 0
     */
    public static function until(int $wanted, float $chance): Turns
    {
        // how likely it is to have 0, 1, 2 … of them; with the last it ends
        $have = [1.0, ...array_fill(0, $wanted - 1, 0.0)];
        $tail = [];
        do {
            $more = array_sum($have);
            $tail[] = $more;
            for ($i = $wanted - 1; $i >= 0; --$i) {
                $have[$i] = $have[$i] * (1 - $chance) + ($i > 0 ? $have[$i - 1] * $chance : 0.0);
            }
        } while ($more >= self::NEVER);

        return Turns::ofTail($tail);
    }

    /**
     * @param list<int> $borrowed lengths that are taken first, as many as go together with the level
     *
     * @return array{non-empty-list<int>, float} all different, and of two throws the share that regroups
     */
    private function stones(Level $level, array $borrowed, Dice $dice): array
    {
        [$count, $least, $most] = match ($level) {
            Level::Support => [8, 5, 50],
            Level::Core => [10, 15, 105],
            Level::Stretch => [12, 17, 175],
        };
        $tries = 0;
        do {
            // where they do not go together one fewer is taken after a while
            $taken = \array_slice($borrowed, 0, max(0, $count - intdiv($tries++, self::TRIES)));
            $stones = array_combine($taken, $taken);
            while (\count($stones) < $count) {
                $minutes = $dice->number($least, $most, $level->step());
                // a whole hour is no stone
                if (0 !== $minutes % 60) {
                    $stones[$minutes] = $minutes;
                }
            }
            $stones = array_values($stones);
            $regrouped = 0;
            foreach ($stones as $a) {
                foreach ($stones as $b) {
                    $regrouped += self::regroup($a, $b) ? 1 : 0;
                }
            }
            $share = $regrouped / $count ** 2;
            $singles = \count(array_filter($stones, static fn (int $one): bool => 0 !== $one % 5));
        } while ($share < (Level::Support === $level ? 0.2 : 0.35) || $share > (Level::Support === $level ? 0.5 : 0.65) || (Level::Core === $level && [] === $taken && (0 === $singles || $count === $singles)));

        return [$stones, $share];
    }

    /** @return list<list<float>> across and down, 0 to 1, none on another */
    private function places(int $count, Dice $dice): array
    {
        $places = [];
        $rows = 3;
        $side = intdiv($count, $rows);
        foreach ([$side, $count - 2 * $side, $side] as $row => $inRow) {
            for ($i = 0; $i < $inRow; ++$i) {
                $places[] = [
                    // the pond is narrower above and below
                    round(0.5 + (1 === $row ? 1 : 0.74) * (($i + 0.5 + $dice->number(-6, 6) / 100) / $inRow - 0.5), 3),
                    round(($row + 0.5 + $dice->number(-14, 14) / 100) / $rows, 3),
                ];
            }
        }

        return $places;
    }
}
