<?php

declare(strict_types=1);

namespace Rostik\App\Search;

/** What kind of thing was found. */
enum FoundKind: string
{
    case Lesson = 'lesson';
    case Sheet = 'sheet';
    case Problem = 'problem';
    case Timetable = 'timetable';
    case Activity = 'activity';
    case Child = 'child';
}
