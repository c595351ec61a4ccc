<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A length of a story, as a bar. */
final readonly class StoryBar
{
    /**
     * @param int    $from  minutes, on the same count as the line
     * @param int    $to    minutes, above $from
     * @param int    $row   0 just above the line, 1 above that
     * @param string $label marked text; a question mark for what is asked
     * @param bool   $known false for what is asked or found on the way: it is drawn dashed
     * @param bool   $loose whether it is told how long it is but not when: it is drawn off the line, as it could lie anywhere
     */
    public function __construct(public int $from, public int $to, public int $row, public string $label, public bool $known, public bool $loose = false)
    {
    }
}
