<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\Validator\Constraints as Assert;

/** When lessons are to be. */
final readonly class SlotsRequest
{
    /** @param list<SlotText> $slots those that change */
    public function __construct(
        #[Assert\Valid]
        #[Assert\Count(max: 200)]
        public array $slots = [],
    ) {
    }
}
