<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;

/** Times of day, or lengths, to be put in order: earliest or shortest first, or the other way round. */
final readonly class Order implements Sum
{
    use UsualSum;

    /** The longest list that is put in order, so that every step can still be drawn. */
    public const MOST = 24;

    /** With up to so many times open, every combination is a reading of its own. */
    private const MOST_OPEN = 3;

    /**
     * @param list<StatedTime> $times    empty where lengths are ordered
     * @param list<Amount>     $lengths  empty where times are ordered
     * @param bool             $descends whether the latest, or the longest, comes first
     */
    private function __construct(public array $times, public array $lengths, public bool $descends = false)
    {
    }

    /** @throws CannotBeDone when there are more than {@see MOST} */
    public static function ofTimes(StatedTime ...$times): self
    {
        self::bound(\count($times));

        return new self(array_values($times), []);
    }

    /** @throws CannotBeDone when months stand beside days, or when there are more than {@see MOST} */
    public static function ofLengths(Amount $first, Amount ...$more): self
    {
        self::bound(\count($more) + 1);
        foreach ($more as $one) {
            if ($one->duration->chain !== $first->duration->chain) {
                throw CannotBeDone::mixedOrder();
            }
        }

        return new self([], [$first, ...array_values($more)]);
    }

    /** The same with the latest, or the longest, first. */
    public function descending(bool $descends = true): self
    {
        return new self($this->times, $this->lengths, $descends);
    }

    /**
     * The order that such numbers give, in the direction that is asked for; equal ones stay as given.
     *
     * @param array<int, int|float> $keys one for each of the things
     *
     * @return list<int> positions
     */
    public function arranged(array $keys): array
    {
        if ($this->descends) {
            arsort($keys);
        } else {
            asort($keys);
        }

        return array_keys($keys);
    }

    public function kind(): Kind
    {
        return Kind::Order;
    }

    public function answered(): Answered
    {
        return Answered::Order;
    }

    public function answer(): OrderAnswer
    {
        if ([] !== $this->readings()) {
            throw CannotBeDone::halfOfTheDayMatters();
        }

        return new OrderAnswer($this, $this->sorted());
    }

    public function regroups(): bool
    {
        return false;
    }

    public function times(): array
    {
        return $this->times;
    }

    public function lengths(): array
    {
        return $this->lengths;
    }

    public function withTimes(StatedTime ...$times): static
    {
        return new self(array_values($times), $this->lengths, $this->descends);
    }

    public function sameHalfTaken(): bool
    {
        return [] !== $this->times && [] === array_filter($this->times, static fn (StatedTime $t): bool => $t->halfSaid);
    }

    public function readings(): array
    {
        $open = array_keys(array_filter($this->times, static fn (StatedTime $t): bool => !$t->halfSaid));
        if ([] === $open || $this->sameHalfTaken()) {
            return [];
        }
        $readings = [];
        $orders = [];
        foreach ($this->waysToSay(\count($open)) as $halves) {
            $times = $this->times;
            foreach ($open as $n => $i) {
                $times[$i] = $times[$i]->in($halves[$n] ?? HalfOfDay::Am);
            }
            $sum = new self(array_values($times), [], $this->descends);
            $orders[implode(',', $sum->sorted())] = true;
            $readings[] = new Reading($this->assumed($open, $halves), $sum);
        }

        return \count($orders) > 1 ? $readings : [];
    }

    /**
     * Every way to say a.m. or p.m. so many times; with more than three open, all of them the same alone.
     *
     * @return list<list<HalfOfDay>>
     */
    private function waysToSay(int $times): array
    {
        if ($times > self::MOST_OPEN) {
            return array_map(static fn (HalfOfDay $half): array => array_fill(0, $times, $half), HalfOfDay::cases());
        }
        $ways = [[]];
        for ($n = 0; $n < $times; ++$n) {
            $longer = [];
            foreach ($ways as $way) {
                foreach (HalfOfDay::cases() as $half) {
                    $longer[] = [...$way, $half];
                }
            }
            $ways = $longer;
        }

        return $ways;
    }

    /**
     * @param list<int>       $open   positions
     * @param list<HalfOfDay> $halves one each
     */
    private function assumed(array $open, array $halves): Phrase
    {
        if (\count($open) > self::MOST_OPEN) {
            return Phrase::of('if all the open ones are ', $halves[0] ?? HalfOfDay::Am);
        }
        $phrase = null;
        foreach ($open as $n => $i) {
            $one = Phrase::of($this->times[$i], ' is ', $halves[$n] ?? HalfOfDay::Am);
            $phrase = null === $phrase ? Phrase::of('if ')->and('', $one) : $phrase->and(' and ', $one);
        }

        return $phrase ?? Phrase::of('');
    }

    /** @return list<int> */
    private function sorted(): array
    {
        $keys = [] !== $this->times
            ? array_map(static fn (StatedTime $t): int => $t->inSeconds(), $this->times)
            : array_map(static fn (Amount $a): int => $a->duration->count, $this->lengths);

        return $this->arranged($keys);
    }

    private static function bound(int $count): void
    {
        if ($count > self::MOST) {
            throw CannotBeDone::tooManyToOrder();
        }
    }
}
