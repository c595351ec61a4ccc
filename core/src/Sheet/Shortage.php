<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

/** There are fewer different questions than were asked for. */
final readonly class Shortage
{
    public function __construct(public string $rung, public int $wanted, public int $there)
    {
    }
}
