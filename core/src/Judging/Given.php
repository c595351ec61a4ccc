<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Notation\Style;

/**
 * An answer as a child writes it, however impossible: 5 h 85 min, 4:80 p.m., 13:50 p.m. One of the classes of this room
 * whose names begin with "Given".
 */
interface Given
{
    /** As it would be written, plain. */
    public function text(): string;

    /** As a class writes it. */
    public function shown(Style $style): string;

    /** Whether the two say the same; what one of them leaves open (a.m. or p.m., a unit) may be either. */
    public function says(self $other): bool;
}
