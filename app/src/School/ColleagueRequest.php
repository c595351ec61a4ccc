<?php

declare(strict_types=1);

namespace Rostik\App\School;

/** What becomes of a colleague's account. */
final readonly class ColleagueRequest
{
    /** @param bool $ended whether she can no longer sign in; what is hers stays until it is erased */
    public function __construct(public bool $administrator, public bool $ended = false)
    {
    }
}
