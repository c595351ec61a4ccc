<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

use Rostik\Core\Sum\Sum;

/** Sums drawn for a rung and a level. */
final readonly class Generated
{
    /**
     * @param list<Sum> $sums   no two alike
     * @param int       $wanted how many were asked for; there may be fewer, where there are no more
     */
    public function __construct(public array $sums, public int $wanted)
    {
    }

    public function isComplete(): bool
    {
        return \count($this->sums) === $this->wanted;
    }
}
