<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

/** What is to be said of a written answer. */
enum Verdict: string
{
    case Right = 'right';
    /** Right, but not in the usual form: 75 min for 1 h 15 min. */
    case OtherForm = 'other-form';
    /** Right as far as it goes: a.m. or p.m., or a unit, is missing. */
    case Incomplete = 'incomplete';
    case Wrong = 'wrong';
    case Blank = 'blank';
    case Unreadable = 'unreadable';

    /** Whether the child has found the answer. */
    public function isRight(): bool
    {
        return self::Right === $this || self::OtherForm === $this || self::Incomplete === $this;
    }
}
