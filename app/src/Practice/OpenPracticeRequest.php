<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Symfony\Component\Validator\Constraints as Assert;

/** A practice to be opened. */
final readonly class OpenPracticeRequest
{
    /**
     * @param list<string> $rungs  ids, where rungs are chosen
     * @param ?string      $sheet  id of the sheet, where one is practised
     * @param int          $many   so many questions for each child
     * @param int          $target seconds, where a length of time is to be felt
     */
    public function __construct(
        public PracticeOf $of = PracticeOf::Needs,
        #[Assert\Count(max: 60)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 60)])]
        public array $rungs = [],
        #[Assert\Length(max: 40)]
        public ?string $sheet = null,
        #[Assert\Range(min: 3, max: 40)]
        public int $many = 12,
        public bool $signs = false,
        public bool $numbers = false,
        #[Assert\Range(min: 1, max: 600)]
        public int $target = 30,
    ) {
    }
}
