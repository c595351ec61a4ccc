<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Symfony\Component\Validator\Constraints as Assert;

/** @param string $word at the end of a one-time link */
final readonly class LinkRequest
{
    public function __construct(
        #[Assert\Length(max: 60)]
        public string $word,
    ) {
    }
}
