<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** The password once more, before something that matters. */
final readonly class CertainRequest
{
    public function __construct(#[\SensitiveParameter] public string $password)
    {
    }
}
