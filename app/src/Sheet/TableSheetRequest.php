<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Skill\Level;
use Symfony\Component\Validator\Constraints as Assert;

/** Wanted: sheets of questions about a timetable, one for each level. */
final readonly class TableSheetRequest
{
    /**
     * @param string       $table  id; "made" for one drawn for the level
     * @param list<Level>  $levels one sheet for each
     * @param int          $count  of the questions
     * @param int          $seed   the same seed gives the same questions
     * @param int          $drawn  the same gives the same made table
     * @param list<string> $kinds  ids of the kinds of question; none for those of the level
     */
    public function __construct(
        #[Assert\NotBlank]
        #[Assert\Length(max: 60)]
        public string $table,
        #[Assert\Count(min: 1, max: 3)]
        #[Assert\Unique]
        public array $levels,
        #[Assert\Range(min: 1, max: 40)]
        public int $count = 8,
        public int $seed = 1,
        public int $drawn = 1,
        #[Assert\Count(max: 40)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 40)])]
        public array $kinds = [],
    ) {
    }
}
