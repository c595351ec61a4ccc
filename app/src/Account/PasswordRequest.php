<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** Another password for the one that is. */
final readonly class PasswordRequest
{
    public function __construct(#[\SensitiveParameter] public string $now, #[\SensitiveParameter] public string $next)
    {
    }
}
