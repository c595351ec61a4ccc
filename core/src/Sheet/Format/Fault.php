<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet\Format;

/** What is wrong with one line of a file. */
final readonly class Fault
{
    /** @param int $line counted from 1; 0 for the file as a whole */
    public function __construct(public int $line, public string $message)
    {
    }
}
