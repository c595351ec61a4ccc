<?php

declare(strict_types=1);

namespace Rostik\Core\Marking;

/** What a teacher says of an answer with one key, without what was written. */
enum Sign: string
{
    case Right = 'right';
    /** Where only marks are typed: children have marked each other's papers. */
    case Wrong = 'wrong';
    case Blank = 'blank';
    case Unreadable = 'unreadable';
}
