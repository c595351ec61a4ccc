<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Rostik\Core\Timetable\Gtfs\RouteChoice;

/** What a feed has: its routes, or the table of the one that was chosen. */
final readonly class FeedReply
{
    /** @param list<RouteChoice> $routes none where one was chosen */
    public function __construct(public array $routes, public ?TableReply $table)
    {
    }
}
