<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Span;

/** The sum of two stones. */
final readonly class PairSum
{
    public function __construct(public int $first, public int $second, public Span $sum, public bool $regroups)
    {
    }
}
