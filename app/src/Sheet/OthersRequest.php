<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Skill\Level;
use Symfony\Component\Validator\Constraints as Assert;

/** Wanted: another question like each of these, and unlike all that are on the sheet. */
final readonly class OthersRequest
{
    /**
     * @param list<string>  $sums
     * @param list<string>  $keep    sums that are on the sheet already
     * @param list<?string> $stories by which they are told, in the same order; null for bare sums
     * @param ?Level        $level   of the sheet, for its stories
     * @param ?string       $classId in whose way of writing they are told
     * @param ?SheetTable   $table   of the sheet, for questions about it
     */
    public function __construct(
        #[Assert\Count(min: 1, max: 100)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 300)])]
        public array $sums,
        #[Assert\Count(max: 100)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 300)])]
        public array $keep = [],
        public int $seed = 1,
        #[Assert\Count(max: 100)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 60)])]
        public array $stories = [],
        public ?Level $level = null,
        public ?string $classId = null,
        #[Assert\Valid]
        public ?SheetTable $table = null,
    ) {
    }
}
