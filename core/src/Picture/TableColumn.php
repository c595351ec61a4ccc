<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** One column of a table. */
final readonly class TableColumn
{
    /** @param bool $found whether it is the column that was looked for */
    public function __construct(public int $larger, public int $smaller, public bool $found = false)
    {
    }
}
