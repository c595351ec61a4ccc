<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\TooLong;
use Rostik\Core\Time\Unit;

/**
 * Lengths added to a first one and taken away from it, one after the other: 2 h 15 min + 40 min - 25 min. Where there
 * would be too little to take from, what is added comes first.
 */
final readonly class LengthChain implements InSteps
{
    use UsualSum;

    /** @param non-empty-list<Part> $parts two or more, one of them taken away */
    private function __construct(public Amount $first, public array $parts)
    {
    }

    /**
     * @throws MixedChains
     * @throws TooLong                   when it comes to more than ten thousand years on the way
     * @throws CannotBeDone              when more is taken away than there is, or there are more than {@see ClockChain::MOST} steps
     * @throws \InvalidArgumentException when nothing is taken away, which is a {@see Total}
     */
    public static function of(Amount $first, Part $second, Part $third, Part ...$more): self
    {
        $parts = [$second, $third, ...array_values($more)];
        if (\count($parts) > ClockChain::MOST) {
            throw CannotBeDone::tooLongAChain();
        }
        if ([] === array_filter($parts, static fn (Part $part): bool => $part->direction < 0)) {
            throw new \InvalidArgumentException('Where nothing is taken away it is a total.');
        }
        $chain = new self($first->wholeParts(), $parts);
        $all = $first->duration;
        foreach ($parts as $part) {
            // of one chain, and not beyond all counting
            $all = $all->plus($part->length->duration);
        }
        $chain->answer();

        return $chain;
    }

    public function kind(): Kind
    {
        return Kind::Chain;
    }

    /** @throws CannotBeDone when more is taken away than there is */
    public function answer(): LengthAnswer
    {
        $count = $this->first->duration->count + array_sum(array_map(static fn (Part $part): int => $part->count(), $this->parts));
        if ($count < 0) {
            throw CannotBeDone::takesMoreThanThereIs('2 h 15 min + 40 min - 25 min');
        }

        return new LengthAnswer(Amount::usual(Duration::of($count, $this->first->duration->chain), $this->unitsSaid()[0] ?? Unit::Hour));
    }

    public function lengths(): array
    {
        return [$this->first, ...array_map(static fn (Part $part): Amount => $part->length, $this->parts)];
    }

    public function regroups(): bool
    {
        $before = [];
        for ($i = 0; $i < $this->steps(); ++$i) {
            $step = $this->step($i, ...$before);
            if ($step->regroups()) {
                return true;
            }
            $before[] = $step->answer();
        }

        return false;
    }

    /** Whether the steps are done in another order than they stand, so that there is always enough to take from. */
    public function addsFirst(): bool
    {
        $count = $this->first->duration->count;
        foreach ($this->parts as $part) {
            $count += $part->count();
            if ($count < 0) {
                return true;
            }
        }

        return false;
    }

    /** @return non-empty-list<Part> in the order in which they are done */
    public function inOrder(): array
    {
        if (!$this->addsFirst()) {
            return $this->parts;
        }
        $parts = $this->parts;
        usort($parts, static fn (Part $a, Part $b): int => $b->direction <=> $a->direction);

        return $parts;
    }

    public function signs(): array
    {
        return array_map(static fn (Part $part): int => $part->direction, $this->parts);
    }

    public function steps(): int
    {
        return \count($this->parts);
    }

    public function step(int $i, Answer ...$before): Total|Difference
    {
        $from = [] === $before ? null : $before[array_key_last($before)];
        $first = match (true) {
            null === $from => $this->first,
            $from instanceof LengthAnswer => $from->amount,
            default => throw new \LogicException('A step with lengths begins with a length.'),
        };
        $part = $this->inOrder()[$i] ?? throw new \OutOfRangeException('There is no such step.');

        return $part->direction > 0 ? Total::of($first, $part->length) : Difference::of($first, $part->length);
    }
}
