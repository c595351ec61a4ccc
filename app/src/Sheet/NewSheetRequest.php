<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Symfony\Component\Validator\Constraints as Assert;

/** A sheet to be begun, with its first questions if there are any. */
final readonly class NewSheetRequest
{
    /** @param list<QuestionRequest> $questions */
    public function __construct(
        #[Assert\Length(max: 120)]
        public string $title,
        #[Assert\Valid]
        #[Assert\Count(max: 100)]
        #[Assert\Unique(normalizer: [QuestionRequest::class, 'identity'])]
        public array $questions = [],
    ) {
    }
}
