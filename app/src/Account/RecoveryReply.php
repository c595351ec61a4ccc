<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** Recovery codes, shown this once. */
final readonly class RecoveryReply
{
    /** @param list<string> $codes each of which signs in once in place of a code of the app */
    public function __construct(public array $codes)
    {
    }
}
