<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

use Rostik\Core\Skill\Rung;

/** So many questions for a rung of the ladder. */
final readonly class Aim
{
    /** @param int $count 1 or more */
    public function __construct(public Rung $rung, public int $count)
    {
    }
}
