<?php

declare(strict_types=1);

namespace Rostik\App\Board;

use Rostik\Core\Board\DayActivity;
use Rostik\Core\Board\DayTable;

/** The day, minute by minute, and what happens on it. */
final readonly class DayReply
{
    /** @param list<DayActivity> $activities */
    public function __construct(public DayTable $table, public array $activities)
    {
    }
}
