<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** One number with its unit, for programs: unit is one of s, min, h, day, week, month, year. */
final readonly class ConvertedPart
{
    public function __construct(public string $unit, public int|float $n)
    {
    }
}
