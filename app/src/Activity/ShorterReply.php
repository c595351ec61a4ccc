<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

/** A change that makes an activity shorter. */
final readonly class ShorterReply
{
    /**
     * @param ?string $option  that is chosen differently; null where the groups are smaller
     * @param string  $choice  id, or the size of the groups
     * @param int     $minutes that it takes then
     */
    public function __construct(public string $change, public ?string $option, public string $choice, public int $minutes)
    {
    }
}
