<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

/** A sheet and others like it. */
final readonly class CopySet
{
    /**
     * @param list<list<string>> $copies the sums of each, the sheet itself first
     * @param array<int, int>    $few    questions, by their place, with fewer different numbers than there are copies
     */
    public function __construct(public array $copies, public array $few)
    {
    }
}
