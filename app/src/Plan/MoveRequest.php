<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\Validator\Constraints as Assert;

/** A lesson goes to the place of another, and those between move up. */
final readonly class MoveRequest
{
    public function __construct(
        #[Assert\Length(max: 40)]
        public string $to = '',
    ) {
    }
}
