<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Symfony\Component\Validator\Constraints as Assert;

/** What is to be otherwise about a paper; null for what stays. */
final readonly class PaperRequest
{
    /** @param ?int $part place of the level that the child had */
    public function __construct(
        public ?bool $absent = null,
        #[Assert\Range(min: 0, max: 10)]
        public ?int $part = null,
    ) {
    }
}
