<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Rostik\Core\Evidence\Standing;

/** The teacher's own word. */
final readonly class StandingRequest
{
    public function __construct(public Standing $standing)
    {
    }
}
