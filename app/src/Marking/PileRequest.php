<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Symfony\Component\Validator\Constraints as Assert;

/** What is to be otherwise about a pile; null for what stays. */
final readonly class PileRequest
{
    /**
     * @param ?bool $byChildren   whether children have marked each other's papers
     * @param ?bool $nearlyCounts whether what is right but for a unit or the half of the day counts as right
     */
    public function __construct(
        #[Assert\Length(min: 1, max: 120)]
        public ?string $title = null,
        #[Assert\Date]
        public ?string $on = null,
        public ?bool $byChildren = null,
        public ?bool $nearlyCounts = null,
    ) {
    }
}
