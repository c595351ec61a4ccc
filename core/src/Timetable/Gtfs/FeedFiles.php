<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Gtfs;

/** The files of a feed, wherever they are. */
interface FeedFiles
{
    public function has(string $name): bool;

    /**
     * To be read from the beginning.
     *
     * @return resource
     */
    public function open(string $name);
}
