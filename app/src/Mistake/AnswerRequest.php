<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

use Symfony\Component\Validator\Constraints as Assert;

/** A sum and what a child wrote. */
final readonly class AnswerRequest
{
    public function __construct(
        #[Assert\NotBlank]
        #[Assert\Length(max: 300)]
        public string $sum,
        #[Assert\Length(max: 200)]
        public string $given,
    ) {
    }
}
