<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\Validator\Constraints as Assert;

/** A plan that a colleague gave. */
final readonly class PlanFileRequest
{
    public function __construct(
        #[Assert\Length(max: 800_000)]
        public string $content = '',
    ) {
    }
}
