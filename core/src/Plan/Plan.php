<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

/** Lessons up the ladder. */
final readonly class Plan
{
    /**
     * @param list<Lesson> $lessons in order
     * @param list<string> $said    what was left out and why, what is not reached
     */
    public function __construct(public array $lessons, public array $said)
    {
    }
}
