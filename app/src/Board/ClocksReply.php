<?php

declare(strict_types=1);

namespace Rostik\App\Board;

/** Clocks to be read or set. */
final readonly class ClocksReply
{
    /** @param list<int> $minutes since 12, 0 to 719 each */
    public function __construct(public array $minutes)
    {
    }
}
