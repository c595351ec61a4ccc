<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Symfony\Component\Validator\Constraints as Assert;

/** A try to feel a length of time, at a tablet. */
final readonly class TabletTryRequest
{
    /**
     * @param int $n      of the tries at this tablet, from 0
     * @param int $tenths of a second
     */
    public function __construct(
        #[Assert\Range(min: 0, max: 400)]
        public int $n,
        #[Assert\Range(min: 0, max: 9000)]
        public int $tenths,
    ) {
    }
}
