<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Game;

use Rostik\Core\Activity\Activity;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Cautions;
use Rostik\Core\Activity\CuttingOut;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\Numbers\Sector;
use Rostik\Core\Activity\Numbers\Spinner;
use Rostik\Core\Activity\Option;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;

/**
 * Hands at noon, a spinner of lengths: move on, read the new time aloud. The last ferry goes at midnight; who is there first?
 * Common practice, no source.
 */
final readonly class LastFerry implements Activity
{
    private const SPINS = 600;

    /** A game that is so unlikely to go on is over. */
    private const NEVER = 1e-10;
    private const MOST_TURNS = 20_000;

    public static function precedence(): int
    {
        return 70;
    }

    public function intro(): Intro
    {
        return new Intro(
            'last-ferry',
            'Last ferry',
            'Adding lengths to a time again and again, hour after hour through the day.',
            ['later-within-hour', 'later-across-hour', 'across-noon', 'read-clock-five', 'set-clock'],
            Sort::Game,
            Sizes::groups(1, 8, 4),
            [AtHand::Board, AtHand::Printer, AtHand::Scissors, AtHand::Fasteners, AtHand::Card],
            [
                new Option('rule', 'The last time', ['pass' => 'reached or passed', 'exactly' => 'met exactly']),
                new Option('from', 'Start at', ['12' => 'noon', '15' => '3 in the afternoon', '18' => '6 in the evening', '21' => '9 in the evening', '10' => '10 in the morning']),
                new Option('until', 'The ferry goes at', ['24' => 'midnight', '18' => '6 in the evening', '14' => '2 in the afternoon']),
            ],
            [Cautions::CUTTING],
            'spins',
            ['across-noon' => ['from' => '10', 'until' => '14']],
        );
    }

    public function make(Wanted $wanted): Made
    {
        $dice = $wanted->dice('spinner');
        $from = 60 * (int) $wanted->option('from');
        $early = 60 * (int) $wanted->option('until') <= $from;
        $until = $early ? 1440 : 60 * (int) $wanted->option('until');
        [$unit, $lengths] = $this->lengths($wanted->level, $until - $from, $dice);
        $exactly = 'exactly' === $wanted->option('rule');
        $whole = array_sum(array_column($lengths, 1));
        $sectors = [];
        $angle = 0.0;
        foreach ($dice->shuffle($lengths) as [$length, $weight]) {
            $to = $angle + 360 * $weight / $whole;
            $sectors[] = new Sector($wanted->saying->span($length), $weight, $angle, $to);
            $angle = $to;
        }
        $places = [];
        for ($minutes = $from; $minutes <= $until; $minutes += $unit) {
            $places[] = $wanted->saying->time($minutes);
        }
        $last = $places[\count($places) - 1]->words;
        $groups = $wanted->groupCount();

        return new Made(
            new Spinner($sectors, $unit, $places, $exactly, $this->spins($sectors, $wanted->dice('spins'))),
            static fn (): Turns => self::alone(array_map(static fn (Sector $one): array => [intdiv($one->length->minutes, $unit), $one->weight], $sectors), \count($places) - 1, $exactly)->first($wanted->largest()),
            20.0,
            4.0,
            [
                new Material('sheets with spinner and hands', $groups),
                new Material('sheets with faces', $wanted->children),
                new Material('paper fasteners', $groups + $wanted->children),
                ...CuttingOut::materials($wanted, 0, 3 * $wanted->children + 2 * $groups),
            ],
            [
                \sprintf('Everybody sets the hands to %s.', $places[0]->words),
                'Spin in turn. Move your hands on by that length, and read the new time aloud.',
                'The others say whether they agree before the next one spins.',
                $exactly ? \sprintf('The last ferry goes at %s, to the minute: what would take you past it does not count. Who is there first?', $last) : \sprintf('The last ferry goes at %s: who is there, or past it, first?', $last),
            ],
            ['minutes later', 'past the hour', 'noon', 'midnight'],
            $early ? ['The hands begin too late for that ferry: it goes at midnight.'] : [],
        );
    }

    /**
     * Lengths, all of them multiples of the smallest, so that midnight can always be met.
     *
     * @param int $way minutes from the first place to the last
     *
     * @return array{int, list<array{int, int}>} the smallest, and each length with its weight
     */
    private function lengths(Level $level, int $way, Dice $dice): array
    {
        $unit = match ($level) {
            Level::Support => 15,
            Level::Core => $dice->pick([5, 10]),
            Level::Stretch => $dice->pick([12, ...array_values(array_filter([8, 9, 18], static fn (int $one): bool => 0 === $way % $one))]),
        };
        // the step of the multiples: the whole goes in about twenty turns
        $times = match ($level) {
            Level::Support => [1, 2, 3, 4],
            Level::Core => 5 === $unit ? [1, 4, 7, 10, 13, 16] : [1, 2, 4, 5, 7, 8],
            Level::Stretch => array_values(array_unique([1, ...array_map(static fn (int $minutes): int => (int) round($minutes / $unit), [25, 40, 55, 70, 85])])),
        };
        $lengths = [];
        foreach ($times as $i => $count) {
            // two of them are wider than the others
            $lengths[] = [$unit * $count, 1 === $i || 2 === $i ? 2 : 1];
        }

        return [$unit, $lengths];
    }

    /**
     * How many turns one player alone needs: an absorbing Markov chain over the places on the dial.
     *
     * @param list<array{int, int}> $moves   places, and how likely they are beside the others
     * @param int                   $last    the place to be reached
     * @param bool                  $exactly whether a move past it is not made
     */
    public static function alone(array $moves, int $last, bool $exactly): Turns
    {
        $whole = array_sum(array_column($moves, 1));
        $at = [1.0, ...array_fill(0, $last, 0.0)];
        $tail = [];
        for ($turn = 0; $turn < self::MOST_TURNS; ++$turn) {
            $more = array_sum($at) - $at[$last];
            $tail[] = $more;
            if ($more < self::NEVER) {
                break;
            }
            $next = array_fill(0, $last + 1, 0.0);
            $next[$last] = $at[$last];
            for ($place = 0; $place < $last; ++$place) {
                if (0.0 === $at[$place]) {
                    continue;
                }
                foreach ($moves as [$by, $weight]) {
                    $to = $place + $by;
                    $to = $to <= $last ? $to : ($exactly ? $place : $last);
                    $next[$to] += $at[$place] * $weight / $whole;
                }
            }
            $at = $next;
        }

        return Turns::ofTail($tail);
    }

    /**
     * @param list<Sector> $sectors
     *
     * @return list<int>
     */
    private function spins(array $sectors, Dice $dice): array
    {
        $wide = [];
        foreach ($sectors as $i => $sector) {
            array_push($wide, ...array_fill(0, $sector->weight, $i));
        }
        $spins = [];
        for ($i = 0; $i < self::SPINS; ++$i) {
            $spins[] = $wide[$dice->number(0, \count($wide) - 1)];
        }

        return $spins;
    }
}
