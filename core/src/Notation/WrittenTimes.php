<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/**
 * Times as one writer has written them before: a working names the same few times again and again, so each is composed
 * once. There are no more than 1440 by each clock.
 *
 * @internal to the writer
 */
final class WrittenTimes
{
    /** @var array<int, string> by {@see \Rostik\Core\Time\StatedTime::key()}, with the half of the day */
    public array $times = [];

    /** @var array<int, string> the digits alone */
    public array $clocks = [];

    /** Which has the number words, that take longer to be got ready than a time to be said. */
    public ?SpokenTime $inWords = null;
}
