<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A converted amount, for programs: numbers with their units. */
final readonly class ConvertedParts
{
    /** @param list<ConvertedPart> $parts */
    public function __construct(public array $parts)
    {
    }
}
