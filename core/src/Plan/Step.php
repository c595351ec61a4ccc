<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

/** One lesson's worth of the path up the ladder. */
final readonly class Step
{
    /**
     * @param string $rung id
     * @param string $why  it comes, and comes here, in a sentence
     */
    public function __construct(public string $rung, public Purpose $purpose, public string $why)
    {
    }
}
