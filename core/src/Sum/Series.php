<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;

/**
 * Times at equal distances: every 12 min from 7:10 a.m., 5 times, or until 8:00 a.m. The first of them is the start
 * itself, so the fourth is three gaps on.
 */
final readonly class Series implements InSteps
{
    use UsualSum;

    /** The most times that are listed. */
    public const MOST = 24;

    /** How many are given where it is not said. */
    public const USUAL = 6;

    /**
     * @param int         $count 2 or more
     * @param ?StatedTime $until where the last one is not to be later than this; null where a number of times was said
     */
    private function __construct(public Amount $every, public StatedTime $start, public int $count, public ?StatedTime $until)
    {
    }

    /**
     * @param int $count how many times
     *
     * @throws CannotBeDone when it is not 2 to {@see MOST} times, or not in whole minutes
     */
    public static function counted(Amount $every, StatedTime $start, int $count): self
    {
        return self::checked($every, $start, $count, null);
    }

    /**
     * @param StatedTime $until included, where it is one of them; at or before the start it is on the next day
     *
     * @throws CannotBeDone when it is not 2 to {@see MOST} times, or not in whole minutes
     */
    public static function until(Amount $every, StatedTime $start, StatedTime $until): self
    {
        Later::of($start, $every);
        $ways = self::waysUntil($every, $start, $until);
        if (1 === \count($ways)) {
            return $ways[0];
        }
        $minutes = max(1, $every->duration->minutes());
        $way = $until->moved(-$start->minutes)->minutes;
        $turn = $start->halfSaid && $until->halfSaid ? $start->turn() : 720;
        $way = 0 === $way % $turn ? $turn : $way % $turn;

        return self::checked($every, $start, intdiv($way, $minutes) + 1, $until);
    }

    private static function checked(Amount $every, StatedTime $start, int $count, ?StatedTime $until): self
    {
        Later::of($start, $every);
        if (0 === $every->duration->count) {
            throw CannotBeDone::noGap();
        }
        if ($count < 2 || $count > self::MOST) {
            throw CannotBeDone::tooManyInARow($count);
        }

        return new self($every->wholeParts(), $start, $count, $until);
    }

    public function kind(): Kind
    {
        return Kind::Series;
    }

    public function answered(): Answered
    {
        return Answered::Times;
    }

    /** The gap in minutes, 1 or more. */
    public function minutes(): int
    {
        return $this->every->duration->minutes();
    }

    /** @throws CannotBeDone when it depends on a half of the day that is not said */
    public function answer(): TimesAnswer
    {
        if ([] !== $this->readings()) {
            throw CannotBeDone::halfOfTheDayMatters();
        }

        return new TimesAnswer($this->listed(), $this->days());
    }

    public function times(): array
    {
        return null === $this->until ? [$this->start] : [$this->start, $this->until];
    }

    public function withTimes(StatedTime ...$times): static
    {
        return new self($this->every, $times[0] ?? $this->start, $this->count, null === $this->until ? null : $times[1] ?? $this->until);
    }

    public function lengths(): array
    {
        return [$this->every];
    }

    public function regroups(): bool
    {
        return 1 < \count(array_unique(array_map(static fn (StatedTime $t): int => intdiv($t->minutes, 60), $this->listed())));
    }

    /** From the first to the last of them. */
    public function way(): Way
    {
        return Way::from($this->start, ($this->count - 1) * $this->minutes());
    }

    /** Where the half of the day is said for only one end, and each half gives a list. */
    public function readings(): array
    {
        $ways = null === $this->until ? [] : self::waysUntil($this->every, $this->start, $this->until);

        return array_map(fn (self $one): Reading => new Reading(
            $this->start->halfSaid ? Phrase::of('if ', $this->until ?? $this->start, ' is ', ($one->until ?? $one->start)->time()->half()) : Phrase::of('if ', $this->start, ' is ', $one->start->time()->half()),
            $one,
        ), isset($ways[1]) ? $ways : []);
    }

    /** @return list<self> with each half of the day that gives a list, where it is said for only one end */
    private static function waysUntil(Amount $every, StatedTime $start, StatedTime $until): array
    {
        $ways = [];
        foreach ($start->halfSaid === $until->halfSaid ? [] : HalfOfDay::cases() as $half) {
            try {
                $ways[] = $start->halfSaid ? self::until($every, $start, $until->in($half)) : self::until($every, $start->in($half), $until);
            } catch (CannotBeDone) {
                // too long a list, and so not what is meant
            }
        }

        return $ways;
    }

    public function signs(): array
    {
        return array_fill(0, $this->steps(), 1);
    }

    public function steps(): int
    {
        return $this->count - 1;
    }

    public function step(int $i, Answer ...$before): Later
    {
        $from = [] === $before ? null : $before[array_key_last($before)];

        return Later::of(match (true) {
            null === $from => $this->start,
            $from instanceof TimeAnswer => $from->time,
            default => throw new \LogicException('A step on the clock begins with a time.'),
        }, $this->every);
    }

    /** @return list<int> days after the first on which each of them is */
    public function days(): array
    {
        return array_map(fn (int $i): int => $this->start->daysMoved($i * $this->minutes()), range(0, $this->count - 1));
    }

    /** @return list<StatedTime> */
    private function listed(): array
    {
        return array_map(fn (int $i): StatedTime => $this->start->moved($i * $this->minutes()), range(0, $this->count - 1));
    }
}
