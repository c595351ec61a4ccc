<?php

declare(strict_types=1);

namespace Rostik\App\Work;

/** A sum to be worked. */
final readonly class WorkRequest
{
    /** @param string $sum one line, in any of the usual forms */
    public function __construct(public string $sum)
    {
    }
}
