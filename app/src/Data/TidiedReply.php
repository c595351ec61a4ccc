<?php

declare(strict_types=1);

namespace Rostik\App\Data;

/** What has gone for good in a night. */
final readonly class TidiedReply
{
    /** @param list<string> $classes names of those whose children have left */
    public function __construct(public int $piles, public int $deleted, public array $classes)
    {
    }
}
