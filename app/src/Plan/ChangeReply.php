<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

/** Something that would make a lesson shorter. */
final readonly class ChangeReply
{
    /**
     * @param int            $saves minutes
     * @param list<PartText> $parts of the lesson then
     */
    public function __construct(public string $said, public int $saves, public array $parts)
    {
    }
}
