<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Span;

/** A brick of an adding wall. */
final readonly class Brick
{
    /** @param bool $hidden whether it is to be found */
    public function __construct(public Span $length, public bool $hidden)
    {
    }
}
