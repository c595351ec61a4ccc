<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/**
 * What may go wrong when a table is read; what goes wrong with the sum behind it is in the mistakes of the sums. Each is
 * a hint for a conversation with the child, never a verdict on it. Common practice, no source.
 */
enum Misreading: string
{
    case NextColumn = 'next-column';
    case WrongRow = 'wrong-row';
    case TakesEarlier = 'takes-earlier';
    case IgnoresTheWalk = 'ignores-the-walk';
    case IgnoresTheDelay = 'ignores-the-delay';

    /** For the teacher, beginning with "may". */
    public function may(): string
    {
        return match ($this) {
            self::NextColumn => 'may have slipped into the neighbouring column',
            self::WrongRow => 'may have slipped into the row of another stop',
            self::TakesEarlier => 'may be taking the last one that has gone instead of the next',
            self::IgnoresTheWalk => 'may have left out the walk',
            self::IgnoresTheDelay => 'may have left out that it is late',
        };
    }

    /** What to look at with the child, in a sentence. */
    public function look(): string
    {
        return match ($this) {
            self::NextColumn => 'Lay a ruler beside the column and run a finger down it.',
            self::WrongRow => 'Lay a ruler under the row before reading the time.',
            self::TakesEarlier => 'Say the time it is now, and ask of each departure: gone, or still to come?',
            self::IgnoresTheDelay => 'Write the late time above the time of the table first.',
            self::IgnoresTheWalk => 'Draw the walk on the line before looking at the table.',
        };
    }
}
