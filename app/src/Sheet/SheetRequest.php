<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Symfony\Component\Validator\Constraints as Assert;

/** A sheet as it should now be. */
final readonly class SheetRequest
{
    /**
     * @param int                   $version   of the sheet that was changed
     * @param list<QuestionRequest> $questions in their order
     * @param ?SheetSettings        $settings  null to leave them, and the class, as they are
     * @param ?string               $classId   the class it is for; null for none
     */
    public function __construct(
        #[Assert\Positive]
        public int $version,
        #[Assert\Length(max: 120)]
        public string $title,
        #[Assert\Valid]
        #[Assert\Count(max: 100)]
        #[Assert\Unique(normalizer: [QuestionRequest::class, 'identity'])]
        public array $questions,
        #[Assert\Valid]
        public ?SheetSettings $settings = null,
        #[Assert\Uuid(strict: true)]
        public ?string $classId = null,
    ) {
    }
}
