<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\HalfOfDay;

/** What was not said of a sum, though its answer depends on it. */
enum LeftOpen: string
{
    case HalfOfTheDay = 'half-not-said';
    case Month = 'depends-on-the-month';
    case Year = 'depends-on-the-year';
    /** The line itself can be taken for several sums. */
    case WhichSum = 'two-readings';

    /** In a sentence. */
    public function says(): Phrase
    {
        return match ($this) {
            self::HalfOfTheDay => Phrase::of('It is not said whether ', HalfOfDay::Am, ' or ', HalfOfDay::Pm, ' is meant, and it changes the answer.'),
            self::Month => Phrase::of('It depends on which month or year is meant.'),
            self::Year => Phrase::of('It depends on whether it is a leap year.'),
            self::WhichSum => Phrase::of('This can be taken in more than one way.'),
        };
    }
}
