<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** With one service from a stop to another, and on with a second one to a third, all by number from 0. */
final readonly class ChangeOfServices
{
    public function __construct(public int $service, public int $from, public int $via, public int $then, public int $to)
    {
    }
}
