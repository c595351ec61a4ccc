<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** What a game can take from a sheet. */
enum Borrows
{
    case Times;
    case Lengths;
    /** Sums of two lengths. */
    case Sums;
}
