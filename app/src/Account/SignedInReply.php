<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** One browser in which a teacher is signed in. */
final readonly class SignedInReply
{
    /**
     * @param string $began   RFC 3339
     * @param string $used    last, to five minutes
     * @param string $browser what it says of itself
     * @param bool   $here    whether it is this one
     */
    public function __construct(public string $id, public string $began, public string $used, public string $browser, public bool $here)
    {
    }
}
