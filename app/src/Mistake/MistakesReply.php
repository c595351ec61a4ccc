<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

/** What might go wrong with a sum. */
final readonly class MistakesReply
{
    /** @param list<LikelyReply> $likely none where no usual mistake shows */
    public function __construct(public array $likely)
    {
    }
}
