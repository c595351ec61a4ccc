<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Symfony\Component\Validator\Constraints as Assert;

/** A practice on paper. */
final readonly class OnPaperRequest
{
    /** @param list<string> $for ids of children; none for all of the class */
    public function __construct(
        #[Assert\Count(max: 60)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 40)])]
        public array $for = [],
    ) {
    }
}
