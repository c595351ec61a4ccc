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
use Rostik\Core\Activity\Numbers\Stock;
use Rostik\Core\Activity\Numbers\StockCard;
use Rostik\Core\Activity\Option;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Skill\Level;

/**
 * Hour cards and minute cards are dealt, a stock card is turned over: whoever holds the hour, and the minutes, of that time
 * moved on puts them down; first without cards. Every hour and all minutes are called for exactly once, so that each stock
 * card can be answered and nobody is ever stuck. Common practice, no source.
 */
final readonly class MovedOnCards implements Activity
{
    private const CARDS = 12;

    public static function precedence(): int
    {
        return 80;
    }

    public function intro(): Intro
    {
        return new Intro(
            'moved-on-cards',
            'Moved-on cards',
            'Moving a time on in the head, past the hour.',
            ['later-within-hour', 'later-across-hour'],
            Sort::Game,
            Sizes::groups(1, 8, 4),
            [AtHand::Board, AtHand::Printer, AtHand::Scissors, AtHand::Card],
            [new Option('by', 'Moved on by', ['20' => '20 minutes', '35' => '35 minutes', '45' => '45 minutes'], ['core' => '35', 'stretch' => '45']), CuttingOut::option()],
            [Cautions::CUTTING],
            'rounds',
        );
    }

    public function make(Wanted $wanted): Made
    {
        $by = (int) $wanted->option('by');
        $dice = $wanted->dice('stock');
        $hours = range(1, 12);
        $minutes = range(0, 55, 5);
        if (Level::Support !== $wanted->level) {
            // fives and ones at core, single minutes at stretch: each in its own five
            $minutes = array_map(static fn (int $five): int => $five + (Level::Stretch === $wanted->level ? $dice->number(1, 4) : $dice->number(0, 1) * $dice->number(1, 4)), $minutes);
        }
        $stock = [];
        foreach ($dice->shuffle(array_map(null, $dice->shuffle($hours), $dice->shuffle($minutes))) as [$hour, $minute]) {
            [$hour, $minute] = [$hour ?? 12, $minute ?? 0];
            $answer = 60 * $hour + $minute;
            $stock[] = new StockCard($wanted->saying->face($answer - $by), $wanted->saying->face($answer), $hour, $minute);
        }
        $groups = $wanted->groupCount();

        return new Made(
            new Stock($wanted->saying->span($by), $hours, array_values($minutes), $stock, $this->deal($wanted->largest(), $dice->shuffle(range(0, 2 * self::CARDS - 1)))),
            static fn (): Turns => self::turns($wanted->largest()),
            25.0,
            4.0 + CuttingOut::minutes($wanted, 3 * self::CARDS),
            [
                new Material('sheets with hour and minute cards', 2 * $groups),
                new Material('sheets with stock cards', $groups),
                ...CuttingOut::materials($wanted, 3 * self::CARDS),
            ],
            [
                ...CuttingOut::steps($wanted),
                'Shuffle the hour cards and the minute cards together, and deal them all. The stock lies in the middle, face down.',
                \sprintf('Turn over the top card of the stock, and move its time on by %s.', $wanted->saying->span($by)->text),
                'Who has the hour of the new time puts it down; who has its minutes puts them beside it. Say the new time together.',
                'Who is first without cards?',
            ],
            ['minutes later', 'past', 'to', 'the next hour'],
        );
    }

    /**
     * Until somebody has no cards: of the 24 cards, dealt as evenly as can be, each stock card takes one hour and one of the
     * minutes. All that is laid after r rounds are 2r cards, and every set of cards is as likely to be a player's hand as any
     * other; over the players by inclusion and exclusion.
     */
    public static function turns(int $players): Turns
    {
        $cards = 2 * self::CARDS;
        $hands = array_map(static fn (int $i): int => intdiv($cards, $players) + ($i < $cards % $players ? 1 : 0), range(0, $players - 1));
        $tail = [];
        for ($round = 0; $round <= self::CARDS; ++$round) {
            $done = 0.0;
            // by how many cards some players have together: players of the same number of cards are alike
            foreach (self::together($hands) as $sum => $times) {
                $done += $times * self::within($sum, 2 * $round, $cards);
            }
            $tail[] = max(0.0, 1 - $done);
        }

        return Turns::ofTail($tail);
    }

    /**
     * @param list<int> $hands
     *
     * @return array<int, int> by number of cards: how many choices of players have so many, odd ones less even ones
     */
    private static function together(array $hands): array
    {
        $ways = [0 => -1];
        foreach ($hands as $hand) {
            $with = $ways;
            foreach ($ways as $sum => $times) {
                $with[$sum + $hand] = ($with[$sum + $hand] ?? 0) - $times;
            }
            $ways = $with;
        }
        unset($ways[0]);

        return $ways;
    }

    /** How likely so many given cards are all among those laid. */
    private static function within(int $cards, int $laid, int $of): float
    {
        $likely = 1.0;
        for ($i = 0; $i < $cards; ++$i) {
            $likely *= max(0, $laid - $i) / ($of - $i);
        }

        return $likely;
    }

    /**
     * @param list<int> $cards
     *
     * @return list<list<int>>
     */
    private function deal(int $players, array $cards): array
    {
        $hands = array_fill(0, $players, []);
        foreach ($cards as $i => $card) {
            $hands[$i % $players][] = $card;
        }
        foreach ($hands as $i => $hand) {
            sort($hand);
            $hands[$i] = $hand;
        }

        return $hands;
    }
}
