<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

/** There are fewer different questions than were asked for. */
final readonly class Shortage
{
    /** @param bool $ended whether the looking ended before all could be seen ({@see \Rostik\Core\Skill\Budget}) */
    public function __construct(public string $rung, public int $wanted, public int $there, public bool $ended = false)
    {
    }
}
