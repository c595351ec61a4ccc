<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

/** A sheet and others like it. */
final readonly class VariantSet
{
    /**
     * @param list<list<string>> $variants the sums of each, the sheet itself first
     * @param array<int, int>    $few      questions, by their place, with fewer different numbers than there are variants
     */
    public function __construct(public array $variants, public array $few)
    {
    }
}
