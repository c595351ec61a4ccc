<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** The day from midnight to midnight with times pinned on it and lengths of time as spans. */
final readonly class DayStrip
{
    /**
     * @param list<DayPin>  $pins
     * @param list<DaySpan> $spans
     */
    public function __construct(public array $pins, public array $spans)
    {
    }
}
