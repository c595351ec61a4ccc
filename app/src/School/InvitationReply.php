<?php

declare(strict_types=1);

namespace Rostik\App\School;

/** An invitation that waits. */
final readonly class InvitationReply
{
    /** @param string $until RFC 3339 */
    public function __construct(public string $id, public string $name, public string $email, public string $until)
    {
    }
}
