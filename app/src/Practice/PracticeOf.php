<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** What is practised. */
enum PracticeOf: string
{
    /** What each child needs, by its answers. */
    case Needs = 'needs';
    /** Rungs that the teacher has chosen. */
    case Rungs = 'rungs';
    /** The questions of a sheet, one after the other. */
    case Sheet = 'sheet';
    /** Nothing is asked: the tablets are watches, for a length of time to be felt. */
    case Watch = 'watch';
}
