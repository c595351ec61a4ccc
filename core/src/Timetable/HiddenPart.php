<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** Which of the three is hidden in a row of an activity table. */
enum HiddenPart: string
{
    case Start = 'start';
    case Length = 'length';
    case End = 'end';
}
