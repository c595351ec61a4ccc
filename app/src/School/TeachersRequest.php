<?php

declare(strict_types=1);

namespace Rostik\App\School;

use Symfony\Component\Validator\Constraints as Assert;

/** Who teaches a class. */
final readonly class TeachersRequest
{
    /** @param list<string> $teachers their ids */
    public function __construct(
        #[Assert\Count(max: 30)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 36)])]
        #[Assert\Unique]
        public array $teachers,
    ) {
    }
}
