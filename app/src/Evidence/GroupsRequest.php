<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Symfony\Component\Validator\Constraints as Assert;

/** Groups as a teacher has put them together. */
final readonly class GroupsRequest
{
    /** @param list<GroupText> $groups */
    public function __construct(
        #[Assert\Valid]
        #[Assert\Count(max: 40)]
        public array $groups,
    ) {
    }
}
