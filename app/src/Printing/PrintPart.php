<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

/** What is to be printed. */
enum PrintPart: string
{
    case Sheet = 'sheet';
    case Key = 'key';
    /** The key with every question worked. */
    case Worked = 'worked';
    case Both = 'both';
}
