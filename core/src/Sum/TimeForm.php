<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A way of writing a time of day. */
enum TimeForm: string
{
    case Words = 'words';
    case TwentyFour = '24h';
    case Twelve = '12h';
    case Digital = 'digital';
}
