<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Sum\Sum;

/** A question that a problem asks. */
final readonly class ReadQuestion
{
    /** @param list<Sum> $sums the last one gives the answer; none where it could not be read */
    public function __construct(public string $ask, public array $sums)
    {
    }
}
