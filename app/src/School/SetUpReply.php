<?php

declare(strict_types=1);

namespace Rostik\App\School;

/** Whether there is a school yet. */
final readonly class SetUpReply
{
    /** @param bool $wanted whether it is to be set up */
    public function __construct(public bool $wanted)
    {
    }
}
