<?php

declare(strict_types=1);

namespace Rostik\Core\Evidence;

/** Where an answer came from. */
enum Source: string
{
    case Paper = 'paper';
    case Ticket = 'ticket';
    case Practice = 'practice';
    /** Seen by the teacher, in class. */
    case Seen = 'seen';
}
