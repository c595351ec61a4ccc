<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** The answer to a sum: one of the classes of this room whose names end in "Answer". */
interface Answer
{
    /** For programs: a time as HH:MM, a length in ISO 8601. */
    public function value(): string;

    public function equals(self $other): bool;
}
