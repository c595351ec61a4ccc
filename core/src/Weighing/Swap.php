<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

/** A question of a set that could give way to one that tells more. */
final readonly class Swap
{
    /**
     * @param int    $place     of the question that gives way, from 0
     * @param string $sum       canonical text of the one that takes its place
     * @param int    $separated pairs that the set would then tell apart
     */
    public function __construct(public int $place, public string $sum, public int $separated)
    {
    }
}
