<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

/** The answer to the first question about a sum in words: are we adding or subtracting? */
enum Operation: string
{
    case Add = 'add';
    case Subtract = 'subtract';
    case HowLong = 'how-long';
}
