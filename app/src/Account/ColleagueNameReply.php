<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** A colleague, as all at a school see her. */
final readonly class ColleagueNameReply
{
    public function __construct(public string $id, public string $name)
    {
    }
}
