<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** Something found wrong while trying to read a line, with the nearest thing that would do in its place. */
final readonly class Complaint
{
    /**
     * @param string $reason  a short code, in lower case with hyphens
     * @param int    $from    the first piece of the line that is meant
     * @param int    $to      the place after the last
     * @param string $instead what may be put in their place; '' for nothing
     */
    public function __construct(public string $reason, public string $message, public int $from, public int $to, public string $instead)
    {
    }
}
