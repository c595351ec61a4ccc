<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Symfony\Component\Validator\Constraints as Assert;

/** A pile to be begun: of a sheet, with its levels, or of its copies; or of questions that were read out. */
final readonly class BeginPileRequest
{
    /**
     * @param ?string      $sheetId   null for questions that were read out
     * @param ?string      $set       id of the copies; null for the sheet itself
     * @param list<string> $questions lines that were read out
     * @param string       $title     empty for that of the sheet
     * @param ?string      $on        day on which it was written, 2027-03-11; null for today
     * @param int          $count     papers, where the class has no names
     */
    public function __construct(
        #[Assert\Uuid(strict: true)]
        public ?string $sheetId = null,
        #[Assert\Uuid(strict: true)]
        public ?string $set = null,
        #[Assert\Count(max: 40)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 1600)])]
        public array $questions = [],
        #[Assert\Length(max: 120)]
        public string $title = '',
        #[Assert\Date]
        public ?string $on = null,
        #[Assert\Range(min: 1, max: 60)]
        public int $count = 24,
    ) {
    }
}
