<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** The answer to a question about a timetable. */
final readonly class TableAnswer
{
    /**
     * @param string     $text    as it is written, marked
     * @param string|int $value   for programs: a time HH:MM (past midnight 24:10), a length in ISO 8601, "yes" or "no", or the number of a service from 0
     * @param ?int       $service number of the service that it speaks of, from 0
     * @param ?int       $time    that it speaks of, in minutes
     */
    public function __construct(public string $text, public string|int $value, public ?int $service = null, public ?int $time = null)
    {
    }
}
