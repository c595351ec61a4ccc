<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** A teacher's account, as she sees it. */
final readonly class AccountReply
{
    /**
     * @param bool                $secondStep whether signing in takes a code, too
     * @param int                 $recovery   so many recovery codes are left
     * @param list<SignedInReply> $signedIn   where she is signed in, the last used first
     */
    public function __construct(public string $name, public string $email, public string $school, public bool $administrator, public bool $secondStep, public int $recovery, public array $signedIn)
    {
    }
}
