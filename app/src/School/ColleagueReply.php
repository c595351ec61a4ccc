<?php

declare(strict_types=1);

namespace Rostik\App\School;

/** A teacher of the school. */
final readonly class ColleagueReply
{
    /** @param bool $me whether it is who asks */
    public function __construct(public string $id, public string $name, public string $email, public bool $administrator, public bool $ended, public bool $secondStep, public bool $me)
    {
    }
}
