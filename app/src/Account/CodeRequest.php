<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Symfony\Component\Validator\Constraints as Assert;

/** A code as it was typed from the app. */
final readonly class CodeRequest
{
    public function __construct(
        #[Assert\Length(max: 40)]
        public string $code,
    ) {
    }
}
