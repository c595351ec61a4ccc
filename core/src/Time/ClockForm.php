<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** The clock a time was stated by: 1:50 p.m. or 13:50. */
enum ClockForm
{
    case Twelve;
    case TwentyFour;
}
