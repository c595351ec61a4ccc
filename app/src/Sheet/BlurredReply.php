<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** Two mistakes that a set of questions does not tell apart. */
final readonly class BlurredReply
{
    public function __construct(public string $one, public string $other)
    {
    }
}
