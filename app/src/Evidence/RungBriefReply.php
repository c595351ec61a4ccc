<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Rostik\Core\Evidence\Standing;

/** How a child stands on a rung. */
final readonly class RungBriefReply
{
    /**
     * @param string    $can  "I can …"
     * @param Standing  $by   its answers
     * @param ?Standing $word the teacher's own, over it
     */
    public function __construct(public string $rung, public string $can, public Standing $by, public ?Standing $word)
    {
    }
}
