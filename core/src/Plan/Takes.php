<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

/** How long a part takes, and why. */
final readonly class Takes
{
    /**
     * @param int    $minutes whole
     * @param string $said    how that comes about: "12 questions of 75 seconds"
     */
    public function __construct(public int $minutes, public string $said)
    {
    }
}
