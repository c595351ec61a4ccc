<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\Validator\Constraints as Assert;

/** Which lessons of a class are to be there: those that were there before it was planned anew. */
final readonly class StandingLessonsRequest
{
    /** @param list<string> $lessons ids */
    public function __construct(
        #[Assert\Count(max: 1000)]
        #[Assert\All([new Assert\Type('string'), new Assert\Uuid(strict: true)])]
        public array $lessons = [],
    ) {
    }
}
