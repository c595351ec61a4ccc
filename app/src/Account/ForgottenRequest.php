<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Symfony\Component\Validator\Constraints as Assert;

/** Whose password has been forgotten. */
final readonly class ForgottenRequest
{
    public function __construct(
        #[Assert\Length(max: 300)]
        public string $email,
    ) {
    }
}
