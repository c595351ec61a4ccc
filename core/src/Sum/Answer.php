<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\StatedTime;

/** The answer to a sum: one of the classes of this room whose names end in "Answer". */
interface Answer
{
    /**
     * For programs: a time as HH:MM, a length in ISO 8601, a conversion as its parts or its range, a comparison as its
     * sign, an order as positions counted from 0, a rewritten time as its text.
     *
     * @return string|list<int>|ConvertedParts|ConvertedRange
     */
    public function value(): string|array|ConvertedParts|ConvertedRange;

    /** As it is given, with its values to be written in the way of whoever reads it. */
    public function said(): Phrase;

    public function equals(self $other): bool;

    /** The time that hands would show; null where it is no time, or one that is asked for in words. */
    public function onHands(): ?StatedTime;
}
