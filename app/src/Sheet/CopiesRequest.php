<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\App\Api\ProblemListener;
use Rostik\Core\Sheet\Copies;
use Symfony\Component\Validator\Constraints as Assert;

/** Copies of a sheet to be made, each with numbers of its own. */
final readonly class CopiesRequest
{
    /**
     * @param int          $count    how many, the sheet itself among them
     * @param bool         $moved    whether the timetable of the sheet has other times in each, with the same questions, and not other questions about the same times
     * @param list<string> $children ids of the children whose copies they are, one for each; fewer or none leave the rest without
     */
    public function __construct(
        #[Assert\Range(min: 2, max: Copies::MOST, notInRangeMessage: 'There can be {{ min }} to {{ max }} copies.', payload: ProblemListener::SAY)]
        public int $count,
        #[Assert\Count(max: Copies::MOST)]
        #[Assert\All([new Assert\Type('string'), new Assert\Uuid(strict: true)])]
        public array $children = [],
        public int $seed = 1,
        public bool $moved = false,
    ) {
    }
}
