<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

/** A jump on the line. */
final readonly class Jump
{
    /**
     * @param int     $from in small ticks
     * @param int     $to   in small ticks; below $from for a jump back
     * @param JumpWhy $why  why it goes just there
     */
    public function __construct(public int $from, public int $to, public JumpWhy $why)
    {
    }

    /** Its size in small ticks, 0 or more. */
    public function size(): int
    {
        return abs($this->to - $this->from);
    }
}
