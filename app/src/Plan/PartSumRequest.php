<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\Validator\Constraints as Assert;

/** A sum of a part of a lesson, to be another one. */
final readonly class PartSumRequest
{
    /** @param string $sum the teacher's own, as it was typed; empty for another with the same job */
    public function __construct(
        #[Assert\Length(max: 300)]
        public string $sum = '',
    ) {
    }
}
