<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/**
 * Whether it is more or less from one time to another than a length, or than from a third time to a fourth:
 * 9:40 a.m. to 10:30 a.m. ? 1 h.
 */
final readonly class SpanComparison implements Sum
{
    use UsualSum;

    private function __construct(public Elapsed|Amount $left, public Elapsed|Amount $right)
    {
    }

    /**
     * @throws \InvalidArgumentException when both are lengths, which is a {@see Comparison}
     * @throws CannotBeDone              when the length is in months
     */
    public static function of(Elapsed|Amount $left, Elapsed|Amount $right): self
    {
        if ($left instanceof Amount && $right instanceof Amount) {
            throw new \InvalidArgumentException('Two lengths are compared without a clock.');
        }
        foreach ([$left, $right] as $side) {
            if ($side instanceof Amount && Chain::Calendar === $side->duration->chain) {
                throw CannotBeDone::monthsOnTheClock();
            }
        }

        return new self($left, $right);
    }

    public function kind(): Kind
    {
        return Kind::Comparison;
    }

    public function answered(): Answered
    {
        return Answered::Sign;
    }

    /** @throws CannotBeDone when it depends on a half of the day that is not said */
    public function answer(): SignAnswer
    {
        if ([] !== $this->readings()) {
            throw CannotBeDone::halfOfTheDayMatters();
        }
        $one = $this->inEveryWay()[0] ?? $this;

        return $one->sign();
    }

    /** @return list<Elapsed> the stretches of time in it, from left to right */
    public function spans(): array
    {
        return array_values(array_filter([$this->left, $this->right], static fn (Elapsed|Amount $side): bool => $side instanceof Elapsed));
    }

    public function times(): array
    {
        return array_merge(...array_map(static fn (Elapsed $span): array => $span->times(), $this->spans()));
    }

    public function withTimes(StatedTime ...$times): static
    {
        $sides = [];
        foreach ([$this->left, $this->right] as $side) {
            $sides[] = $side instanceof Elapsed ? $side->withTimes(...array_splice($times, 0, 2)) : $side;
        }

        return new self(...$sides);
    }

    public function lengths(): array
    {
        return array_values(array_filter([$this->left, $this->right], static fn (Elapsed|Amount $side): bool => $side instanceof Amount));
    }

    public function regroups(): bool
    {
        return [] !== array_filter($this->spans(), static fn (Elapsed $span): bool => $span->regroups());
    }

    /** Along the one stretch that there is; two have no way in common. */
    public function way(): ?Way
    {
        $spans = $this->spans();

        return 1 === \count($spans) ? $spans[0]->way() : null;
    }

    /** The ways in which its halves of the day can be meant, where they do not all give one answer. */
    public function readings(): array
    {
        $ways = $this->inEveryWay();
        if (\count(array_unique(array_map(static fn (self $one): string => $one->sign()->sign, $ways))) < 2) {
            return [];
        }
        $readings = [];
        $written = [];
        foreach ($ways as $one) {
            $assumes = Phrase::of('if it is ', ...$one->saying());
            $readings[] = new Reading($assumes, $one);
            $written[] = $one;
        }

        return $readings;
    }

    /** @return list<self> with every half of the day said, in each way that it can be meant; none where there is nothing to say */
    private function inEveryWay(): array
    {
        $ways = [[]];
        $open = false;
        foreach ([$this->left, $this->right] as $side) {
            $each = $side instanceof Elapsed ? array_map(static fn (Reading $r): Sum => $r->sum, $side->readings()) : [];
            $open = $open || [] !== $each;
            $longer = [];
            foreach ($ways as $way) {
                foreach ([] === $each ? [$side] : $each as $one) {
                    $longer[] = [...$way, $one];
                }
            }
            $ways = $longer;
        }
        $all = [];
        foreach ($open ? $ways : [] as [$left, $right]) {
            if (($left instanceof Elapsed || $left instanceof Amount) && ($right instanceof Elapsed || $right instanceof Amount)) {
                $all[] = new self($left, $right);
            }
        }

        return $all;
    }

    /** @return list<string|StatedTime> */
    private function saying(): array
    {
        $said = [];
        foreach ($this->spans() as $span) {
            array_push($said, ...([] === $said ? [] : [', and ']), ...[$span->start, ' to ', $span->end]);
        }

        return $said;
    }

    private function sign(): SignAnswer
    {
        return SignAnswer::between($this->count($this->left), $this->count($this->right));
    }

    private function count(Elapsed|Amount $side): int
    {
        return $side instanceof Amount ? $side->duration->count : Unit::Minute->size() * $side->minutes();
    }
}
