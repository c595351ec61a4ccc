<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** The drawn models. */
enum Model: string
{
    case Clock = 'clock';
    case Line = 'line';
    case Columns = 'columns';
    case Table = 'table';
    case Written = 'written';
    case Day = 'day';
    case Month = 'month';
}
