<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** What can happen on a day, in its order. */
final readonly class ActivityDay
{
    /**
     * @param int                           $from       minutes, earliest begin
     * @param int                           $until      minutes, latest begin
     * @param list<array{string, int, int}> $activities what happens, the fewest minutes and the most
     */
    public function __construct(public string $name, public int $from, public int $until, public array $activities)
    {
    }

    public function and(string $what, int $least, int $most): self
    {
        return new self($this->name, $this->from, $this->until, [...$this->activities, [$what, $least, $most]]);
    }
}
