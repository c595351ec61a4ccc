<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\Validator\Constraints as Assert;

/** What is to be learnt. */
final readonly class NeededRequest
{
    /** @param list<string> $rungs ids */
    public function __construct(
        #[Assert\Count(max: 60)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 60)])]
        public array $rungs = [],
    ) {
    }
}
