<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** The clock a time was stated by: 3:45 p.m. or 15:45. */
enum ClockForm
{
    case Twelve;
    case TwentyFour;
}
