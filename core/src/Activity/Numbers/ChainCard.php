<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Moment;
use Rostik\Core\Activity\Span;

/** A card of a chain: its own time, and how far it is to the next. */
final readonly class ChainCard
{
    /** @param bool $later whether the next is later, or earlier */
    public function __construct(public Moment $mine, public Span $length, public bool $later)
    {
    }
}
