<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Game;

use Rostik\Core\Activity\Activity;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Numbers\Ring;
use Rostik\Core\Activity\Numbers\Said;
use Rostik\Core\Activity\Option;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Skill\Level;

/** Counting round the circle in fives to 60 and back; in tens, in quarters; from any number. Common practice, no source. */
final readonly class CountingRing implements Activity
{
    private const WAY = 60;

    public static function precedence(): int
    {
        return 160;
    }

    public function intro(): Intro
    {
        return new Intro(
            'counting-ring',
            'Counting ring',
            'Counting in fives, tens and quarters of an hour until it comes by itself, past the hour and back.',
            ['unit-facts', 'read-clock-five', 'later-within-hour', 'later-across-hour'],
            Sort::WarmUp,
            Sizes::together(),
            [AtHand::Board],
            [
                new Option('by', 'Counted in', ['5' => 'fives', '10' => 'tens', '15' => 'quarters of an hour'], ['core' => '10', 'stretch' => '15']),
                new Option('from', 'From', ['nought' => 'nought', 'any' => 'any number'], ['core' => 'any', 'stretch' => 'any']),
            ],
            [],
            'numbers',
        );
    }

    public function make(Wanted $wanted): Made
    {
        $by = (int) $wanted->option('by');
        $start = 'any' === $wanted->option('from') ? $this->start($wanted, $by) : 0;
        $way = [];
        for ($minutes = $start; $minutes <= $start + self::WAY; $minutes += $by) {
            $way[] = $minutes;
        }
        $turn = \count($way) - 1;
        $there = $way;
        $back = \array_slice(array_reverse($way), 1);
        // there and back until everybody has said a number
        $round = [...$there, ...$back];
        $all = $round;
        while (\count($all) < $wanted->children) {
            $all = [...$all, ...\array_slice($round, 1)];
        }
        $said = [];
        foreach ($all as $i => $minutes) {
            $said[] = new Said($i % $wanted->children, Level::Support === $wanted->level ? $wanted->saying->minutes($minutes) : $wanted->saying->span($minutes));
        }

        return new Made(
            new Ring($by, $said, $turn),
            static fn (): Turns => Turns::fixed(\count($said)),
            Level::Support === $wanted->level ? 3.5 : 4.0,
            1.5,
            [],
            [
                'Stand in a circle. One begins, and it goes round to the left.',
                \sprintf('The first says %s. Each adds %d minutes and says what that makes.', self::plain($said[0]), $by),
                \sprintf('At %s it turns, and it goes on with %d minutes less each time.', self::plain($said[$turn]), $by),
                'Who is stuck is helped by its neighbour. Then once more, a little quicker.',
            ],
            ['minutes', 'an hour', 'quarter of an hour', 'more', 'less'],
        );
    }

    private function start(Wanted $wanted, int $by): int
    {
        $dice = $wanted->dice('start');

        return match ($wanted->level) {
            Level::Stretch => $dice->pick(array_values(array_filter(range(1, 29), static fn (int $one): bool => 0 !== $one % 5))),
            default => $dice->number(5, 30, 5),
        };
    }

    private static function plain(Said $one): string
    {
        return $one->says->text;
    }
}
