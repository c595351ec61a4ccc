<?php

declare(strict_types=1);

namespace Rostik\App\Deleted;

/** Of what there is to be brought back. */
enum DeletedKind: string
{
    case Classroom = 'class';
    case Child = 'child';
    case Record = 'record';
    case Sheet = 'sheet';
    case Copies = 'copies';
    case Pile = 'pile';
    case Practice = 'practice';
    case Lessons = 'lessons';
    case Timetable = 'timetable';
    case Tally = 'tally';
}
