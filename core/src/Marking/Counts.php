<?php

declare(strict_types=1);

namespace Rostik\Core\Marking;

/** What an answer counts as in a tally. */
enum Counts: string
{
    case Right = 'right';
    /** Right but for a unit or the half of the day; or a second step that is right from the child's own first answer. */
    case Nearly = 'nearly';
    case Wrong = 'wrong';
    case Blank = 'blank';
    case Unreadable = 'unreadable';
}
