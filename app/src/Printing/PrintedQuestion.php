<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

/** One question as it is printed. */
final readonly class PrintedQuestion
{
    /**
     * @param int             $number  on the paper, from 1
     * @param ?string         $answer  null where it has none
     * @param ?string         $problem why it has none
     * @param ?PrintedWorking $working null where the key shows none
     */
    public function __construct(
        public int $number,
        public string $question,
        public ?string $answer,
        public ?string $problem,
        public AnswerSpace $space,
        public ?PrintedWorking $working = null,
    ) {
    }
}
