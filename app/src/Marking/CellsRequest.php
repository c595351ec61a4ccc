<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Symfony\Component\Validator\Constraints as Assert;

/** Marks to be kept, all of them or none. */
final readonly class CellsRequest
{
    /**
     * @param list<CellRequest> $cells
     * @param int               $since revision that the sender knows; what was marked after it comes back
     */
    public function __construct(
        #[Assert\Valid]
        #[Assert\Count(max: 2000)]
        public array $cells,
        public int $since = 0,
    ) {
    }
}
