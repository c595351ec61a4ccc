<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** How it goes at a tablet. */
enum SeatState: string
{
    case Working = 'working';
    /** Three looks at one question. */
    case Stuck = 'stuck';
    /** Two minutes at one question. */
    case Still = 'still';
    /** Nothing heard of it for a minute. */
    case Away = 'away';
    case Finished = 'finished';
    /** It was given back. */
    case Left = 'left';
}
