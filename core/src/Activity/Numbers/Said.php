<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Span;

/** What one child says in its turn. */
final readonly class Said
{
    /** @param int $child whose turn it is, counted from 0 round the class */
    public function __construct(public int $child, public Span $says)
    {
    }
}
