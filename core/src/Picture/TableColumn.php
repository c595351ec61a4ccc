<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** One column of a table. */
final readonly class TableColumn
{
    /**
     * @param bool                  $found whether it is the column that was looked for
     * @param ?('larger'|'smaller') $asked which of its numbers is the answer; null where neither is by itself
     */
    public function __construct(public int $larger, public int $smaller, public bool $found = false, public ?string $asked = null)
    {
    }

    public function withholding(bool $larger, bool $smaller): self
    {
        return new self($this->larger, $this->smaller, $this->found, $larger ? 'larger' : ($smaller ? 'smaller' : null));
    }
}
