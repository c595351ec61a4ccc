<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Span;

/** A sector of a spinner. */
final readonly class Sector
{
    /**
     * @param int   $weight how wide it is beside the others, 1 or more
     * @param float $from   degrees clockwise from the top
     * @param float $to     degrees
     */
    public function __construct(public Span $length, public int $weight, public float $from, public float $to)
    {
    }
}
