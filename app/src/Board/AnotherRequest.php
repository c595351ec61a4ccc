<?php

declare(strict_types=1);

namespace Rostik\App\Board;

use Symfony\Component\Validator\Constraints as Assert;

/** Wanted: sums to go with one. */
final readonly class AnotherRequest
{
    /**
     * @param int  $seed the same seed gives the same sums
     * @param bool $told whether the sum came in a problem in words, so that others are to come so, too
     */
    public function __construct(
        #[Assert\NotBlank]
        #[Assert\Length(max: 300)]
        public string $sum,
        public int $seed = 1,
        public bool $told = false,
    ) {
    }
}
