<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** A place in a typed text that was not understood. */
final readonly class Misread
{
    /**
     * @param int $from  in characters from 0
     * @param int $until the first character after it
     */
    public function __construct(public int $from, public int $until)
    {
    }
}
