<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Moment;

/** Something that happens on a day. */
final readonly class DayCard
{
    public function __construct(public string $what, public Moment $when)
    {
    }
}
