<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Calendar;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Unit;

/** Which of two lengths is longer: 3 days ? 70 h. */
final readonly class Comparison implements Sum
{
    use UsualSum;

    private function __construct(public Amount $left, public Amount $right)
    {
    }

    public static function of(Amount $left, Amount $right): self
    {
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

    public function answer(): SignAnswer
    {
        [$leftLeast, $leftMost] = $this->range($this->left);
        [$rightLeast, $rightMost] = $this->range($this->right);

        return match (true) {
            $leftMost < $rightLeast => new SignAnswer('<'),
            $leftLeast > $rightMost => new SignAnswer('>'),
            $leftLeast === $rightMost && $leftMost === $rightLeast => new SignAnswer('='),
            default => throw CannotBeDone::dependsOnTheMonth(),
        };
    }

    /** Where a month of 28 days and one of 31 give different signs, each in turn. */
    public function readings(): array
    {
        try {
            $this->answer();

            return [];
        } catch (CannotBeDone) {
        }
        $readings = [];
        [$months, $isLeft] = Chain::Calendar === $this->left->duration->chain ? [$this->left, true] : [$this->right, false];
        [$least, $most] = Calendar::days($months->duration->count);
        $other = intdiv(($isLeft ? $this->right : $this->left)->duration->count, Unit::Day->size());
        foreach (array_unique([$least, max($least, min($most, $other)), $most]) as $days) {
            $amount = Amount::of(AmountPart::whole($days, Unit::Day));
            $readings[] = new Reading(
                Phrase::of(\sprintf('if it has %d days', $days)),
                $isLeft ? new self($amount, $this->right) : new self($this->left, $amount),
            );
        }

        return $readings;
    }

    public function withLengths(Amount ...$lengths): static
    {
        return self::of($lengths[0] ?? $this->left, $lengths[1] ?? $this->right);
    }

    public function lengths(): array
    {
        return [$this->left, $this->right];
    }

    public function regroups(): bool
    {
        return false;
    }

    /** @return array{int, int} in the smallest unit that both can be counted in */
    private function range(Amount $amount): array
    {
        $duration = $amount->duration;
        if (Chain::Calendar !== $duration->chain || $this->left->duration->chain === $this->right->duration->chain) {
            return [$duration->count, $duration->count];
        }
        [$least, $most] = Calendar::days($duration->count);

        return [$least * Unit::Day->size(), $most * Unit::Day->size()];
    }
}
