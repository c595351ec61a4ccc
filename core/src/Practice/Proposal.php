<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

use Rostik\Core\Skill\Level;

/** What a child is to be asked next, and why. */
final readonly class Proposal
{
    /**
     * @param float $chance that the first answer is right, 0 to 1
     * @param int   $turn   how often this rung has been asked in this practice before, or waits to be, 0 or more: the form of answer changes with it
     */
    public function __construct(public string $rung, public Level $level, public Why $why, public float $chance, public int $turn)
    {
    }
}
