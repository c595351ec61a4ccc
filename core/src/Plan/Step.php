<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Sequence\Focus;

/** One lesson's worth of the path up the ladder. */
final readonly class Step
{
    /**
     * @param string $rung   id
     * @param string $why    it comes, and comes here, in a sentence
     * @param int    $number which lesson on this rung it is, from 1
     * @param int    $of     so many lessons are there on it
     */
    public function __construct(public string $rung, public Purpose $purpose, public string $why, public int $number = 1, public int $of = 1)
    {
    }

    /** What this one of several lessons is for. */
    public function focus(): Focus
    {
        return Focus::of($this->number);
    }

    public function asNumber(int $number, int $of): self
    {
        return new self($this->rung, $this->purpose, $this->why, $number, $of);
    }
}
