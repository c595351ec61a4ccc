<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

use Symfony\Component\Validator\Constraints as Assert;

/** Wanted: sums like one that tell mistakes apart. */
final readonly class ChooseRequest
{
    /**
     * @param int $count 1 to 20
     * @param int $seed  the same seed gives the same sums
     */
    public function __construct(
        #[Assert\NotBlank]
        #[Assert\Length(max: 1600)]
        public string $sum,
        #[Assert\Range(min: 1, max: 20)]
        public int $count = 4,
        public int $seed = 1,
    ) {
    }
}
