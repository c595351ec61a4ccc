<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/**
 * What a story tells, before anything is worked: its times pinned on the part of the day in which it happens, its lengths as
 * bars; what is known drawn out, what is asked dashed. A story without a time of day has its bars alone.
 */
final readonly class StoryPicture
{
    /**
     * @param int             $from  where the line begins, in minutes
     * @param int             $to    where it ends, in minutes
     * @param list<StoryTick> $ticks the hours on it; none where no time of day is told
     * @param list<StoryPin>  $pins
     * @param list<StoryBar>  $bars
     */
    public function __construct(public int $from, public int $to, public array $ticks, public array $pins, public array $bars)
    {
    }
}
