<?php

declare(strict_types=1);

namespace Rostik\Core\Evidence;

/** What the answers of a child say of one rung. */
final readonly class Learnt
{
    /**
     * @param float $known   probability that the child can do it, 0 to 1
     * @param float $next    probability that the next answer is right, 0 to 1
     * @param int   $answers that it rests on
     * @param int   $days    on which there was a right one
     */
    public function __construct(public Standing $standing, public float $known, public float $next, public int $answers, public int $days)
    {
    }
}
