<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Symfony\Component\Validator\Constraints as Assert;

/** All tries of a day, as they stand. */
final readonly class TallyRequest
{
    /**
     * @param int              $target  seconds
     * @param int              $exactly tenths of a second
     * @param list<TryRequest> $tries   in order
     */
    public function __construct(
        #[Assert\Range(min: 1, max: 600)]
        public int $target,
        #[Assert\Range(min: 0, max: 100)]
        public int $exactly,
        #[Assert\Valid]
        #[Assert\Count(max: 400)]
        public array $tries = [],
        #[Assert\Length(max: 60)]
        public string $doing = '',
    ) {
    }
}
