<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Symfony\Component\Validator\Constraints as Assert;

/** Wanted: another question like each of these, and unlike all that are on the sheet. */
final readonly class OthersRequest
{
    /**
     * @param list<string> $sums
     * @param list<string> $keep sums that are on the sheet already
     */
    public function __construct(
        #[Assert\Count(min: 1, max: 100)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 300)])]
        public array $sums,
        #[Assert\Count(max: 100)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 300)])]
        public array $keep = [],
        public int $seed = 1,
    ) {
    }
}
