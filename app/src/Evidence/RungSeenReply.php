<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Rostik\Core\Evidence\Standing;

/** How a child stands on a rung, with the answers behind it. */
final readonly class RungSeenReply
{
    /**
     * @param string    $can     "I can …"
     * @param Standing  $by      its answers
     * @param ?Standing $word    the teacher's own, over it
     * @param ?Standing $before  by the answers before the last day; null where there were none
     * @param string    $wordOn  day on which it was said, 2027-03-11; empty for none
     * @param list<int> $answers places of the last answers behind it
     */
    public function __construct(public string $rung, public string $can, public Standing $by, public ?Standing $word, public string $wordOn, public ?Standing $before, public int $days, public array $answers)
    {
    }
}
