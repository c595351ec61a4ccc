<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\Validator\Constraints as Assert;

/** What became of a lesson. */
final readonly class AfterRequest
{
    /** @param array<string, int> $took minutes that parts took, by id */
    public function __construct(
        public LessonState $state,
        #[Assert\Count(max: 20)]
        #[Assert\All([new Assert\Type('int'), new Assert\Range(min: 0, max: 240)])]
        public array $took = [],
        #[Assert\Length(max: 2000)]
        public ?string $note = null,
    ) {
    }
}
