<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** A child that may come in. */
final readonly class ComeInChildReply
{
    /** @param string $name its name, or its number */
    public function __construct(public string $id, public string $name)
    {
    }
}
