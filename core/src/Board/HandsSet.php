<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

/** What is to be said of hands that somebody set. */
final readonly class HandsSet
{
    public function __construct(public bool $right, public string $say)
    {
    }
}
