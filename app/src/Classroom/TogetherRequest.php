<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Symfony\Component\Validator\Constraints as Assert;

/** Who teaches a class together. */
final readonly class TogetherRequest
{
    /** @param list<string> $teachers their ids */
    public function __construct(
        #[Assert\Count(max: 30)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 36)])]
        #[Assert\Unique]
        public array $teachers = [],
    ) {
    }
}
