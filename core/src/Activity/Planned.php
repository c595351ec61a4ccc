<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** An activity as it is planned for a class: with its numbers, how long it takes, and what would make it shorter. */
final readonly class Planned
{
    /**
     * @param Turns         $turns   of one group
     * @param float         $seconds a turn takes in this class
     * @param list<Shorter> $shorter the most first
     */
    public function __construct(public Intro $intro, public Wanted $wanted, public Made $made, public Turns $turns, public float $seconds, public Minutes $minutes, public array $shorter)
    {
    }
}
