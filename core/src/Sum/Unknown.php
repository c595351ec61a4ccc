<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** The part of a sum that is to be found: on the clock one of three, elsewhere simply the answer. */
enum Unknown: string
{
    case End = 'end';
    case Start = 'start';
    case Length = 'length';
    case Answer = 'answer';

    public function isOnTheClock(): bool
    {
        return self::Answer !== $this;
    }
}
