<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** How the part of a unit is written where a length is asked for in one unit alone: 90 min is 1.5 h, or 1½ h. */
enum PartWritten: string
{
    case Decimal = 'decimal';
    case Fraction = 'fraction';
}
