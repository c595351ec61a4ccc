<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Symfony\Component\Validator\Constraints as Assert;

/** One try to feel a length of time. */
final readonly class TryRequest
{
    /**
     * @param int     $tenths of a second
     * @param ?string $child  id, where it is wanted
     */
    public function __construct(
        #[Assert\Range(min: 0, max: 9000)]
        public int $tenths,
        #[Assert\Length(max: 40)]
        public ?string $child = null,
    ) {
    }
}
