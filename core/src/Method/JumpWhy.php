<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

/** Why a jump lands where it does. */
enum JumpWhy
{
    case ToTheOClock;
    case WholeHours;
    case ToTheLandmark;
    case Rest;
    case MoreOfTheRest;
}
