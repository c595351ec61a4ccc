<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** How minutes beyond the hour are said: twenty past three, twenty after three. */
enum PastWord: string
{
    case Past = 'past';
    case After = 'after';
}
