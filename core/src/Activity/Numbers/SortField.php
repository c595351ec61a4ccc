<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

/** A field into which cards are sorted. */
final readonly class SortField
{
    public function __construct(public string $id, public string $title)
    {
    }
}
