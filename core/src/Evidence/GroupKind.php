<?php

declare(strict_types=1);

namespace Rostik\Core\Evidence;

/** What brings the children of a group together. */
enum GroupKind: string
{
    /** The same may be behind their wrong answers. */
    case Cause = 'cause';
    /** They need the same rung. */
    case Rung = 'rung';
    /** They are ready for the next. */
    case Next = 'next';
    /** There is not enough to tell. */
    case Unsure = 'unsure';
}
