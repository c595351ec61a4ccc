<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

/** A lesson in its parts. */
final readonly class Lesson
{
    /** @param list<Part> $parts in order */
    public function __construct(public Slot $slot, public Step $step, public array $parts)
    {
    }
}
