<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A point on a number line. */
final readonly class LinePoint
{
    /**
     * @param int    $at       its place in small ticks
     * @param string $label    marked text
     * @param string $landmark what it is, in a word or two: "the o'clock", "12 noon"; empty where nothing need be said
     * @param bool   $asked    whether it is the answer to be found
     */
    public function __construct(
        public int $at,
        public string $label,
        public string $landmark = '',
        public bool $asked = false,
    ) {
    }
}
