<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\Amount;

/** A length found in a line of words, with the place after it. */
final readonly class LengthReading
{
    /** @param bool $clockLike whether it is written like a 24-hour time too, as 1400 hours is */
    public function __construct(public Amount $amount, public int $next, public bool $clockLike = false)
    {
    }
}
