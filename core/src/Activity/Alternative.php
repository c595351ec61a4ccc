<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** One of the things that can be chosen. */
final readonly class Alternative
{
    public function __construct(public string $id, public string $title)
    {
    }
}
