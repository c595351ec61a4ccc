<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** What was not said of a sum, though its answer depends on it. */
enum LeftOpen: string
{
    case HalfOfTheDay = 'half-not-said';
    case Month = 'depends-on-the-month';
    /** The line itself can be taken for several sums. */
    case WhichSum = 'two-readings';

    /** In a sentence. */
    public function text(): string
    {
        return match ($this) {
            self::HalfOfTheDay => 'It is not said whether a.m. or p.m. is meant, and it changes the answer.',
            self::Month => 'It depends on which month or year is meant.',
            self::WhichSum => 'This can be taken in more than one way.',
        };
    }
}
