<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

/** What a question has to be set in, for a child to need a certain skill. */
enum Setting: string
{
    /** A sum in signs is enough. */
    case Bare = 'bare';
    /** The same sum, with something drawn: a clock to be read or set. */
    case Drawn = 'drawn';
    /** A story. */
    case Told = 'told';
    /** A timetable. */
    case Table = 'table';
    /** Dates. */
    case Calendar = 'calendar';

    /** Whether a sum is all that it takes, so that it can be made without words. */
    public function isOfASum(): bool
    {
        return self::Bare === $this || self::Drawn === $this;
    }
}
