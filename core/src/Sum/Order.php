<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;

/** Times of day, or lengths, to be put in order: earliest or shortest first. */
final readonly class Order implements OpenSum
{
    /**
     * @param list<StatedTime> $times   empty where lengths are ordered
     * @param list<Amount>     $lengths empty where times are ordered
     */
    private function __construct(public array $times, public array $lengths)
    {
    }

    public static function ofTimes(StatedTime ...$times): self
    {
        return new self(array_values($times), []);
    }

    /** @throws CannotBeDone when months stand beside days */
    public static function ofLengths(Amount $first, Amount ...$more): self
    {
        foreach ($more as $one) {
            if ($one->duration->chain !== $first->duration->chain) {
                throw CannotBeDone::mixedOrder();
            }
        }

        return new self([], [$first, ...array_values($more)]);
    }

    public function kind(): Kind
    {
        return Kind::Order;
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

    public function withTimes(StatedTime ...$times): static
    {
        return new self(array_values($times), $this->lengths);
    }

    /** Whether a.m. or p.m. is not said for any of the times: then they are taken to be in the same half of the day. */
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
        foreach (HalfOfDay::cases() as $half) {
            $times = $this->times;
            foreach ($open as $i) {
                $times[$i] = $times[$i]->in($half);
            }
            $sum = new self(array_values($times), []);
            $orders[implode(',', $sum->sorted())] = true;
            $readings[] = new Reading(\sprintf('if %s %s', 1 === \count($open) ? 'the open one is' : 'the open ones are', $half->value), $sum);
        }

        // with more than one open time there are more ways than these two, so they are always shown
        return \count($open) > 1 || \count($orders) > 1 ? $readings : [];
    }

    /** @return list<int> */
    private function sorted(): array
    {
        $keys = [] !== $this->times
            ? array_map(static fn (StatedTime $t): int => $t->minutes, $this->times)
            : array_map(static fn (Amount $a): int => $a->duration->count, $this->lengths);
        asort($keys);

        return array_keys($keys);
    }
}
