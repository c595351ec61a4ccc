<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Symfony\Component\Validator\Constraints as Assert;

/** So many questions for a rung of the ladder. */
final readonly class AimRequest
{
    public function __construct(
        #[Assert\NotBlank]
        #[Assert\Length(max: 60)]
        public string $rung,
        #[Assert\Range(min: 1, max: 40)]
        public int $count,
    ) {
    }
}
