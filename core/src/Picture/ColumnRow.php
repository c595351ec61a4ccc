<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** One row of given numbers. */
final readonly class ColumnRow
{
    /** @param list<ColumnCell> $cells by column */
    public function __construct(public array $cells)
    {
    }
}
