<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A jump along a number line. */
final readonly class LineJump
{
    /**
     * @param string $label marked text, with its sign: "+ 15 min"
     * @param string $mark  the letter of its unit: h, m, s or d ({@see \Rostik\Core\Notation\Marked})
     */
    public function __construct(
        public int $from,
        public int $to,
        public string $label,
        public string $mark,
    ) {
    }
}
