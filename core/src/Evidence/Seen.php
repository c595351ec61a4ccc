<?php

declare(strict_types=1);

namespace Rostik\Core\Evidence;

/** One answer of a child to a question of a rung. */
final readonly class Seen
{
    /** @param string $day on which it was given, 2027-03-11 */
    public function __construct(public bool $right, public string $day)
    {
    }
}
