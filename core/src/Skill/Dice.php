<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Time\Unit;

/** Chance from a seed: the same seed gives the same numbers on every machine. */
final readonly class Dice
{
    private Randomizer $chance;

    public function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /** A whole number, both ends included, each as likely as the others. */
    public function number(int $from, int $to, int $step = 1): int
    {
        return $from + $step * $this->chance->getInt(0, max(0, intdiv($to - $from, $step)));
    }

    /** @phpstan-impure */
    public function toss(): bool
    {
        return 1 === $this->chance->getInt(0, 1);
    }

    /**
     * @template T
     *
     * @param list<T> $list
     *
     * @return list<T> in another order, each as likely as the others
     */
    public function shuffle(array $list): array
    {
        return array_values($this->chance->shuffleArray($list));
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $from
     *
     * @return T
     */
    public function pick(array $from): mixed
    {
        return $from[$this->chance->getInt(0, \count($from) - 1)];
    }

    /**
     * A time of day.
     *
     * @param int $from minutes since midnight
     * @param int $to   minutes since midnight, included
     */
    public function time(Level $level, int $from = 0, int $to = 1439): StatedTime
    {
        return StatedTime::of(TimeOfDay::ofMinutes($this->number($from, $to, $level->step())));
    }

    /** A length in hours and minutes, both ends in minutes. */
    public function length(Level $level, int $from, int $to): Amount
    {
        return Amount::minutes($this->number($from, $to, $level->step()));
    }

    /** So many of one unit. */
    public function amount(int $from, int $to, Unit $unit): Amount
    {
        return Amount::of(AmountPart::whole($this->number($from, $to), $unit));
    }
}
