<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Game;

use Rostik\Core\Activity\Activity;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Borrows;
use Rostik\Core\Activity\CuttingOut;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\Moment;
use Rostik\Core\Activity\Numbers\LottoCards;
use Rostik\Core\Activity\Option;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;

/** Cards of nine faces, times called in words; no two cards are alike. Common practice, no source. */
final readonly class TimeLotto implements Activity
{
    private const NINE = 9;

    /** With so many cards, or rows, or fewer it is computed; with more, games are played. */
    private const COMPUTED = 10;

    private const GAMES = 8000;

    public static function precedence(): int
    {
        return 30;
    }

    public function intro(): Intro
    {
        return new Intro(
            'lotto',
            'Time lotto',
            'Hearing a time in words and finding its face.',
            ['read-clock-five', 'read-clock-minute', 'past-and-to'],
            Sort::Game,
            Sizes::whole(),
            [AtHand::Board, AtHand::Printer, AtHand::Counters],
            [new Option('wins', 'Wins', ['row' => 'the first full row', 'card' => 'the first full card'])],
            [],
            'calls',
            borrows: Borrows::Times,
        );
    }

    public function make(Wanted $wanted): Made
    {
        $dice = $wanted->dice('lotto');
        $times = $this->times($wanted, $dice);
        $cards = $this->cards(\count($times), $wanted->children, $dice);
        $row = 'row' === $wanted->option('wins');
        $groups = $wanted->groupCount();

        return new Made(
            new LottoCards($times, $cards, $wanted->dice('calls')->shuffle(array_keys($times)), $row),
            // the largest group is the one that has the first cards
            static fn (): Turns => self::turns(\array_slice($cards, 0, $wanted->largest()), \count($times), $row, $wanted->dice('games')),
            Level::Support === $wanted->level ? 12.0 : 14.0,
            2.5,
            [
                new Material('cards, one a child', $wanted->children),
                new Material('sheets with cards', (int) ceil($wanted->children / 2)),
                new Material('counters', self::NINE * $wanted->children),
                new Material('sheets with the calls', $groups),
                ...CuttingOut::materials($wanted, $wanted->children, $wanted->children),
            ],
            [
                'A time is called in words. Who has its face covers it.',
                $row ? 'Who has a row of three covered calls “Quay!”' : 'Who has the whole card covered calls “Quay!”',
                'Read the covered times back: do they all stand among those called?',
            ],
            ['past', 'to', 'o’clock', 'half past'],
            $wanted->facesBorrowed(\count($times)),
        );
    }

    /** @return non-empty-list<Moment> in order */
    private function times(Wanted $wanted, Dice $dice): array
    {
        $count = match ($wanted->level) {
            Level::Support => 24,
            Level::Core => 27,
            Level::Stretch => 30,
        };
        $times = $wanted->faces($count);
        while (\count($times) < $count) {
            $minutes = 60 * $dice->number(0, 11) + match ($wanted->level) {
                Level::Support => $dice->number(0, 55, 5),
                Level::Core => $dice->toss() ? $dice->number(0, 55, 5) : $dice->number(0, 59),
                Level::Stretch => 5 * $dice->number(0, 11) + $dice->number(1, 4),
            };
            $times[$minutes] = $minutes;
        }
        sort($times);

        return array_map($wanted->saying->face(...), $times);
    }

    /** @return list<list<int>> */
    private function cards(int $times, int $count, Dice $dice): array
    {
        $cards = [];
        while (\count($cards) < $count) {
            $card = \array_slice($dice->shuffle(range(0, $times - 1)), 0, self::NINE);
            $set = $card;
            sort($set);
            $cards[implode(' ', $set)] ??= $card;
        }

        return array_values($cards);
    }

    /**
     * Calls until the first winner, for just these cards: computed over them by inclusion and exclusion where there are few,
     * played many times where there are more.
     *
     * @param list<list<int>> $cards
     */
    public static function turns(array $cards, int $times, bool $row, Dice $dice): Turns
    {
        $lines = $row ? array_merge(...array_map(static fn (array $card): array => array_chunk($card, 3), $cards)) : $cards;
        if (\count($lines) <= self::COMPUTED) {
            return self::computed($lines, $times);
        }
        /** @var array<int, list<int>> $on by time: the lines on which it is */
        $on = [];
        foreach ($lines as $i => $line) {
            foreach ($line as $time) {
                $on[$time][] = $i;
            }
        }
        $wanted = $row ? 3 : self::NINE;
        $games = [];
        $order = range(0, $times - 1);
        for ($game = 0; $game < self::GAMES; ++$game) {
            $have = array_fill(0, \count($lines), 0);
            foreach ($dice->shuffle($order) as $call => $time) {
                foreach ($on[$time] ?? [] as $line) {
                    if (++$have[$line] === $wanted) {
                        $games[$call + 1] = ($games[$call + 1] ?? 0) + 1;
                        continue 3;
                    }
                }
            }
        }

        return [] === $games ? Turns::fixed($times) : Turns::played($games);
    }

    /** @param list<list<int>> $lines the first of which to be full wins */
    private static function computed(array $lines, int $times): Turns
    {
        $sets = array_map(static fn (array $line): int => array_sum(array_map(static fn (int $time): int => 1 << $time, $line)), $lines);
        // by how many times some lines have together: odd choices of lines less even ones
        $ways = [0 => -1];
        foreach ($sets as $set) {
            $with = $ways;
            foreach ($ways as $union => $often) {
                $with[$union | $set] = ($with[$union | $set] ?? 0) - $often;
            }
            $ways = $with;
        }
        unset($ways[0]);
        $bySize = [];
        foreach ($ways as $union => $often) {
            $size = substr_count(decbin($union), '1');
            $bySize[$size] = ($bySize[$size] ?? 0) + $often;
        }
        $tail = [];
        for ($calls = 0; $calls <= $times; ++$calls) {
            $won = 0.0;
            foreach ($bySize as $size => $often) {
                $likely = (float) $often;
                for ($i = 0; $i < $size; ++$i) {
                    $likely *= max(0, $calls - $i) / ($times - $i);
                }
                $won += $likely;
            }
            $tail[] = max(0.0, 1 - $won);
        }

        return Turns::ofTail($tail);
    }
}
