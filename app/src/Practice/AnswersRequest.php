<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Symfony\Component\Validator\Constraints as Assert;

/** Answers, in the order in which they were given. */
final readonly class AnswersRequest
{
    /**
     * @param list<AnswerSent> $answers
     * @param list<string>     $have    ids of the questions that are at the tablet already
     */
    public function __construct(
        #[Assert\Valid]
        #[Assert\Count(max: 100)]
        public array $answers,
        #[Assert\Count(max: 60)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 40)])]
        public array $have = [],
    ) {
    }
}
