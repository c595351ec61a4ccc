<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

/** A timetable on the list. */
final readonly class TableLineReply
{
    public function __construct(public string $id, public string $title)
    {
    }
}
