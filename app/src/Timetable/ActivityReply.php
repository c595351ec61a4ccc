<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

/** What happens on a day, as a table to be completed. */
final readonly class ActivityReply
{
    /** @param list<ActivityRowReply> $rows */
    public function __construct(public string $title, public array $rows)
    {
    }
}
