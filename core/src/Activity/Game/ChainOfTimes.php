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
use Rostik\Core\Activity\Numbers\ChainCard;
use Rostik\Core\Activity\Numbers\Loop;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;

/** A closed chain of cards, one a child: mine is …, next comes the time … later. Common practice, no source. */
final readonly class ChainOfTimes implements Activity
{
    private const LEAST = 3;

    public static function precedence(): int
    {
        return 40;
    }

    public function intro(): Intro
    {
        return new Intro(
            'chain',
            'Chain of times',
            'Listening, and moving a time on or back in the head; everybody comes in once.',
            ['later-within-hour', 'later-across-hour', 'earlier-across-hour', 'across-noon', 'across-midnight', 'twenty-four-hour'],
            Sort::Game,
            Sizes::together(),
            [AtHand::Board, AtHand::Printer, AtHand::Scissors],
            [],
            [Cautions::CUTTING],
            'cards',
        );
    }

    public function make(Wanted $wanted): Made
    {
        $count = max(self::LEAST, $wanted->children);
        $day = Level::Stretch === $wanted->level;
        $loop = $this->loop($wanted->level, $count, $day ? 1440 : 720, $wanted->dice('chain'));
        $cards = [];
        foreach ($loop as $i => $minutes) {
            [$length, $way] = $minutes;
            $cards[] = new ChainCard($day ? $wanted->saying->time($way) : $wanted->saying->face($way), $wanted->saying->span(abs($length)), $length > 0);
        }
        $first = $cards[0];

        return new Made(
            new Loop($cards, $day ? 24 : 12),
            static fn (): Turns => Turns::fixed($count),
            match ($wanted->level) {
                Level::Support => 12.0,
                Level::Core => 15.0,
                Level::Stretch => 18.0,
            },
            3.0,
            [new Material('cards, one a child', $count), new Material('sheets with cards', (int) ceil($count / 8)), ...CuttingOut::materials($wanted, $count, $count)],
            [
                'Give out all the cards. Whoever has more than one puts them side by side.',
                \sprintf('One begins: “Mine is %s. Next comes the time %s %s.”', $first->mine->text, $first->length->text, $first->later ? 'later' : 'earlier'),
                'Whoever has that time goes on, and so round, until it comes back to the first.',
                'Does it not come back, somebody has missed a card: begin again from the last one that was sure.',
            ],
            ['later', 'earlier', 'next'],
            $count > $wanted->children ? [\sprintf('A chain needs %d cards: some children have two.', self::LEAST)] : [],
        );
    }

    /**
     * Times that are all different, each with the length to the next, positive for later.
     *
     * @param int $round minutes after which the dial is the same again
     *
     * @return list<array{int, int}> length, and the time before it
     */
    private function loop(Level $level, int $count, int $round, Dice $dice): array
    {
        $step = $level->step();
        [$least, $most] = match ($level) {
            Level::Support => [10, 60],
            Level::Core => [12, 110],
            Level::Stretch => [17, 200],
        };
        do {
            $loop = $this->laid($dice->shuffle($this->lengths($count, $least, $most, $step, $round, $dice)), Level::Stretch === $level ? $dice->number(0, 1439) : $dice->number(0, 715, 5), $round);
        } while (null === $loop);

        return $loop;
    }

    /**
     * @param list<int> $lengths
     *
     * @return ?list<array{int, int}> length, and the time before it; null where a time would come twice
     */
    private function laid(array $lengths, int $from, int $round): ?array
    {
        $loop = [];
        foreach ($lengths as $length) {
            $at = (($from % $round) + $round) % $round;
            if (isset($loop[$at])) {
                return null;
            }
            $loop[$at] = [$length, $at];
            $from += $length;
        }

        return array_values($loop);
    }

    /** @return list<int> lengths that add up to a whole number of rounds; to nothing, some of them earlier, where the class is small */
    private function lengths(int $count, int $least, int $most, int $step, int $round, Dice $dice): array
    {
        $least = (int) ceil($least / $step) * $step;
        $mean = ($least + $most) / 2;
        $rounds = $count * $most < $round * 1.1 ? 0 : max(1, (int) round($count * $mean / $round));
        if ($rounds > 0) {
            $lengths = array_map(static fn (): int => $dice->number($least, $most, $step), range(1, $count));
            // a little more or less here and there, until it comes out
            while (0 !== $off = $rounds * $round - array_sum($lengths)) {
                $i = $dice->number(0, $count - 1);
                $lengths[$i] = max($least, min($lengths[$i] + ($off <=> 0) * $step * $dice->number(1, 3), $most));
            }

            return array_values($lengths);
        }
        do {
            $lengths = [];
            $sum = 0;
            for ($i = 1; $i < $count; ++$i) {
                // back more often than on where it is ahead, so that it comes home
                $back = $sum > 0 ? 0 !== $dice->number(0, 2) : 0 === $dice->number(0, 2);
                $lengths[] = $length = $dice->number($least, $most, $step) * ($back ? -1 : 1);
                $sum += $length;
            }
        } while (abs($sum) < $least || abs($sum) > $most);

        return [...$lengths, -$sum];
    }
}
