<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** The days on which a school is closed every week; schools differ. */
enum Weekend: string
{
    case SaturdaySunday = 'saturday-sunday';
    case FridaySaturday = 'friday-saturday';
}
