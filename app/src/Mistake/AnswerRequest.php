<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

use Rostik\Core\Notation\Style;
use Symfony\Component\Validator\Constraints as Assert;

/** A sum and what a child wrote. */
final readonly class AnswerRequest
{
    /** @param Style $style in which the class writes */
    public function __construct(
        #[Assert\NotBlank]
        #[Assert\Length(max: 1600)]
        public string $sum,
        #[Assert\Length(max: 200)]
        public string $given,
        public Style $style = new Style(),
    ) {
    }
}
