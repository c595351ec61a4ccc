<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** Something that is needed, counted. */
final readonly class Material
{
    public function __construct(public string $what, public int $count)
    {
    }
}
