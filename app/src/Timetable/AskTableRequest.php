<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Rostik\Core\Notation\Style;
use Rostik\Core\Skill\Level;
use Symfony\Component\Validator\Constraints as Assert;

/** Wanted: a timetable, and questions about it. */
final readonly class AskTableRequest
{
    /**
     * @param string       $table id; "made" for one drawn from the seed of the table
     * @param int          $count 0 to 40; none for the table alone
     * @param int          $seed  the same seed gives the same questions
     * @param int          $drawn the same gives the same made table
     * @param list<string> $kinds ids of the kinds wanted; none for those of the level
     */
    public function __construct(
        #[Assert\NotBlank]
        #[Assert\Length(max: 60)]
        public string $table,
        public Level $level = Level::Core,
        #[Assert\Range(min: 0, max: 40)]
        public int $count = 8,
        public int $seed = 1,
        public int $drawn = 1,
        #[Assert\Count(max: 40)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 40)])]
        public array $kinds = [],
        public Style $style = new Style(),
    ) {
    }
}
