<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\StatedTime;

/** A time found in a line of words. */
final readonly class TimeReading
{
    /**
     * @param int  $next   the place after it
     * @param bool $bare   a number alone, such as the 7 of "7 to 3": a time only where nothing else is possible
     * @param bool $spoken said in words, with past or to, rather than in the digits of a clock
     */
    public function __construct(public StatedTime $time, public int $next, public bool $bare = false, public bool $spoken = false)
    {
    }

    /** @throws \Rostik\Core\Time\NoSuchTime */
    public function toTheSecond(?int $second): self
    {
        return null === $second ? $this : new self($this->time->toTheSecond($second), $this->next, $this->bare, $this->spoken);
    }
}
