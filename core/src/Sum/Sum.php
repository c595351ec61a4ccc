<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/**
 * A sum with time: what is given and what is asked. Immutable; its answer is always computed, never stored. What most
 * kinds have in common is in {@see UsualSum}.
 */
interface Sum
{
    public function kind(): Kind;

    /** @throws CannotBeDone when no such time or length exists, as in 2 h - 3 h, or when {@see readings()} differ */
    public function answer(): Answer;

    /** Whether minutes pass 60 (or another unit its limit) on the way, so that a unit is carried or exchanged. */
    public function regroups(): bool;

    /** The sum that is worked: itself, or, where a part is missing, the plain sum into which it is turned round. */
    public function plain(): self;

    /** @return list<StatedTime> the times of day that are given, in order */
    public function times(): array;

    /** The same sum with other given times, in the order of {@see times()}. */
    public function withTimes(StatedTime ...$times): static;

    /** @return list<Amount> the lengths that are given, in order */
    public function lengths(): array;

    /** The same sum with other given lengths, in the order of {@see lengths()}. */
    public function withLengths(Amount ...$lengths): static;

    /** @return list<Unit> those that are said in the lengths or asked for, largest first */
    public function unitsSaid(): array;

    public function asks(): Unknown;

    public function answered(): Answered;

    /** The way along the clock from its start to its end; null where it does not go along the clock, or where is not said. */
    public function way(): ?Way;

    /**
     * The ways in which the sum can be meant, where something that was not said changes the answer; none where it
     * does no harm.
     *
     * @return list<Reading>
     */
    public function readings(): array;

    /** Whether a.m. or p.m. is said for none of several times, which are then taken to be in the same half of the day. */
    public function sameHalfTaken(): bool;

    /** What was not said though it changes the answer; null where there is one answer. */
    public function leavesOpen(): ?LeftOpen;
}
