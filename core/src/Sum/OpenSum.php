<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\StatedTime;

/** A sum with times of day, some of which may have been stated without their half of the day. */
interface OpenSum extends Ambiguous
{
    /** @return list<StatedTime> the given times, in order */
    public function times(): array;

    /** The same sum with other given times, in the order of {@see times()}. */
    public function withTimes(StatedTime ...$times): static;
}
