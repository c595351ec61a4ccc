<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

/** What became of a lesson. */
enum LessonState: string
{
    case Planned = 'planned';
    case Done = 'done';
    case Partly = 'partly';
    case Not = 'not';
}
