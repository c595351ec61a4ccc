<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

/** What was marked in a pile since a revision, by whomever. */
final readonly class CellsReply
{
    /** @param list<CellReply> $cells */
    public function __construct(public int $revision, public array $cells)
    {
    }
}
