<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;

/**
 * Which of two times of one day is earlier: 7:50 a.m. ? 7:15 p.m. Where a half of the day is said for neither of them,
 * they are taken to be in the same one.
 */
final readonly class TimeComparison implements Sum
{
    use UsualSum;

    private function __construct(public StatedTime $left, public StatedTime $right)
    {
    }

    public static function of(StatedTime $left, StatedTime $right): self
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

    /** @throws CannotBeDone when it depends on a half of the day that is not said */
    public function answer(): SignAnswer
    {
        if ([] !== $this->readings()) {
            throw CannotBeDone::halfOfTheDayMatters();
        }

        // where either half gives the same, the one that is not said may as well be the morning
        return SignAnswer::between($this->left->inSeconds(), $this->right->inSeconds(), true);
    }

    public function times(): array
    {
        return [$this->left, $this->right];
    }

    public function withTimes(StatedTime ...$times): static
    {
        return new self($times[0] ?? $this->left, $times[1] ?? $this->right);
    }

    public function sameHalfTaken(): bool
    {
        return !$this->left->halfSaid && !$this->right->halfSaid;
    }

    public function regroups(): bool
    {
        return false;
    }

    public function readings(): array
    {
        if ($this->left->halfSaid === $this->right->halfSaid) {
            return [];
        }
        $readings = [];
        $signs = [];
        foreach (HalfOfDay::cases() as $half) {
            $one = $this->left->halfSaid ? new self($this->left, $this->right->in($half)) : new self($this->left->in($half), $this->right);
            $signs[$one->answer()->sign] = true;
            $readings[] = new Reading(Phrase::of('if ', $this->left->halfSaid ? $this->right : $this->left, ' is ', $half), $one);
        }

        return \count($signs) > 1 ? $readings : [];
    }
}
