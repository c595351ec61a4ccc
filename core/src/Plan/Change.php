<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

/** Something that would make a lesson shorter. */
final readonly class Change
{
    /**
     * @param string     $said  what is changed, in a few words
     * @param int        $saves minutes
     * @param list<Part> $parts of the lesson then
     */
    public function __construct(public string $said, public int $saves, public array $parts)
    {
    }
}
