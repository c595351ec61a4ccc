<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A conversion that is not exact, for programs: the least and the greatest it can be. */
final readonly class ConvertedRange
{
    /** @param array{int, int} $range */
    public function __construct(public array $range, public string $unit)
    {
    }
}
