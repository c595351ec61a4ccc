<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

use Rostik\Core\Skill\Level;

/** A question of this practice that a child has answered. */
final readonly class Practised
{
    /**
     * @param bool    $right    whether the first answer was right; what is right after a look again does not count
     * @param Why     $why      it was asked
     * @param bool    $answered whether it has been answered; one that waits counts as asked and tells nothing
     * @param ?string $mistake  id of one that leads to the answer that was given first; null for none
     */
    public function __construct(public string $rung, public Level $level, public bool $right, public Why $why = Why::Learning, public bool $answered = true, public ?string $mistake = null)
    {
    }
}
