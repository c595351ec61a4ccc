<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

/** How a child stands; what it rests on is asked for where one child is looked at. */
final readonly class ChildBriefReply
{
    /**
     * @param int                  $count answers in all
     * @param list<RungBriefReply> $rungs from the bottom up
     */
    public function __construct(public string $id, public string $name, public int $count, public array $rungs)
    {
    }
}
