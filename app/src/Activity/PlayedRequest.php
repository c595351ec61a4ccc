<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Symfony\Component\Validator\Constraints as Assert;

/** An activity that has been played, so that the next estimate is better. */
final readonly class PlayedRequest
{
    /** @param int $seconds from its first turn to its last */
    public function __construct(
        #[Assert\Length(min: 1, max: 40)]
        public string $activity,
        #[Assert\Range(min: 1, max: 5000)]
        public int $turns,
        #[Assert\Range(min: 1, max: 14400)]
        public int $seconds,
    ) {
    }
}
