<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** The head of a column: its unit as written and as said, its mark, and how many squares wide it is. */
final readonly class ColumnHead
{
    public function __construct(public string $unit, public string $words, public string $mark, public int $squares)
    {
    }
}
