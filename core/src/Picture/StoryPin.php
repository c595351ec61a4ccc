<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A time of a story on its line. */
final readonly class StoryPin
{
    /**
     * @param int    $at    minutes since the midnight before the line begins
     * @param string $label marked text; a question mark for what is asked
     * @param bool   $known false for what is asked or found on the way: it is drawn dashed
     */
    public function __construct(public int $at, public string $label, public bool $known)
    {
    }
}
