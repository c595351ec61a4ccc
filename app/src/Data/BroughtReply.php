<?php

declare(strict_types=1);

namespace Rostik\App\Data;

/** How much was brought in. */
final readonly class BroughtReply
{
    public function __construct(public int $sheets, public int $classes, public int $children, public int $piles, public int $timetables, public int $practices, public int $lessons)
    {
    }
}
