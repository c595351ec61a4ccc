<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\Validator\Constraints as Assert;

/** A lesson as it should now be. */
final readonly class LessonRequest
{
    /**
     * @param int            $revision that it had when it was read
     * @param list<PartText> $parts    in order
     * @param list<string>   $ready    ids of what is ready
     */
    public function __construct(
        public int $revision,
        #[Assert\Valid]
        #[Assert\Count(max: 20)]
        #[Assert\Unique(normalizer: [PartText::class, 'identity'])]
        public array $parts,
        #[Assert\Length(max: 2000)]
        public string $note = '',
        #[Assert\Count(max: 60)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 80)])]
        public array $ready = [],
    ) {
    }
}
