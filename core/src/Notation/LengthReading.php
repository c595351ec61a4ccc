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

    /** As it is set to be converted: 1.5 h and 2/3 h stay as they are, 3 h 2/3 min is 3 h 40 s. */
    public function toConvert(): Amount
    {
        if (1 === \count($this->amount->parts)) {
            return $this->amount;
        }
        foreach ($this->amount->parts as $part) {
            if (!$part->isDecimal()) {
                return $this->amount->wholeParts();
            }
        }

        return $this->amount;
    }
}
