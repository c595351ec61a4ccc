<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

/** The method that suits these numbers, and why. */
final readonly class Recommended
{
    public function __construct(public string $method, public string $because)
    {
    }
}
