<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Gtfs;

/** A part of the day in which a trip is made again and again. */
final readonly class Repeated
{
    /**
     * @param int $from  minutes, when it begins for the first time
     * @param int $until minutes, by when it does not begin any more
     * @param int $apart minutes, 1 or more
     */
    public function __construct(public int $from, public int $until, public int $apart)
    {
    }

    /** @return list<int> when it begins */
    public function starts(): array
    {
        return $this->until > $this->from ? range($this->from, $this->until - 1, $this->apart) : [];
    }
}
