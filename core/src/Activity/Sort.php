<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** What an activity is used for in a lesson. */
enum Sort: string
{
    case WarmUp = 'warm-up';
    case Game = 'game';
    case Sorting = 'sorting';
    case Making = 'making';
    case Feel = 'feel';
}
