<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

/** In which form the times of a question are given to the child. */
enum TimesGiven: string
{
    /** As they stand in the sum. */
    case AsWritten = 'as-written';
    /** By the 24-hour clock: 13:50. The answer is wanted in it, too. */
    case TwentyFour = '24h';
    /** In words: a quarter to four in the afternoon. */
    case Words = 'words';
    /** On clock faces, with the half of the day beside them. */
    case Clocks = 'clocks';
    /** On clock faces with Roman numerals. */
    case RomanClocks = 'roman-clocks';

    public function areDrawn(): bool
    {
        return self::Clocks === $this || self::RomanClocks === $this;
    }
}
