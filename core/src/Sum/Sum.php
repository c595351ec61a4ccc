<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A sum with time: what is given and what is asked. Immutable; its answer is always computed, never stored. */
interface Sum
{
    public function kind(): Kind;

    /** @throws CannotBeDone when no such time or length exists, as in 2 h - 3 h, or when {@see OpenSum} readings differ */
    public function answer(): Answer;

    /** Whether minutes pass 60 (or another unit its limit) on the way, so that a unit is carried or exchanged. */
    public function regroups(): bool;
}
