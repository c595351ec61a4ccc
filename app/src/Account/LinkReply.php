<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** What a one-time link is for. */
final readonly class LinkReply
{
    public function __construct(public LinkPurpose $purpose, public string $school, public string $name, public string $email)
    {
    }
}
