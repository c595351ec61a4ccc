<?php

declare(strict_types=1);

namespace Rostik\Core\Evidence;

/** Children who do well to work together tomorrow. */
final readonly class Group
{
    /**
     * @param ?string      $cause    id of what may be behind their answers
     * @param ?string      $rung     that they are to work on; null where there is not enough to tell
     * @param string       $reason   why they are together, in a sentence
     * @param string       $look     what to look at with them; may be empty
     * @param list<string> $children ids, in the order of the register
     */
    public function __construct(public GroupKind $kind, public ?string $cause, public ?string $rung, public string $reason, public string $look, public array $children)
    {
    }
}
