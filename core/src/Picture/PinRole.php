<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** What a time on the day strip is to the sum. */
enum PinRole: string
{
    case Start = 'start';
    case End = 'end';
    /** One of several that are pinned beside each other. */
    case Time = 'time';
}
