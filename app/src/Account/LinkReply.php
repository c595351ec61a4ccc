<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** What a one-time link is for. */
final readonly class LinkReply
{
    public LinkPurpose $purpose;

    public function __construct(LinkPurpose $purpose, public string $school, public string $name, public string $email)
    {
        // who asked for it makes no difference to who follows it
        $this->purpose = LinkPurpose::Asked === $purpose ? LinkPurpose::Reset : $purpose;
    }
}
