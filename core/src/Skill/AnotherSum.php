<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

/** A sum to go with another, and where it stands on the ladder. */
final readonly class AnotherSum
{
    /**
     * @param string $sum canonical text
     * @param string $can what a child can do who can do it: "I can …"
     */
    public function __construct(public string $sum, public string $rung, public string $can, public Level $level)
    {
    }
}
