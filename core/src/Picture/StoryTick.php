<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** An hour on the line of a story. */
final readonly class StoryTick
{
    /**
     * @param int    $at    minutes since the midnight before the line begins
     * @param string $label marked text; empty where the hours stand too close
     */
    public function __construct(public int $at, public string $label)
    {
    }
}
