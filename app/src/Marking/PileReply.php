<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

/** A pile of papers with all that has been marked. */
final readonly class PileReply
{
    /**
     * @param string              $on           2027-03-11
     * @param string              $className    empty where it is of no class
     * @param bool                $byChildren   whether children have marked each other's papers
     * @param bool                $nearlyCounts whether what is right but for a unit or the half of the day counts as right
     * @param list<PilePartReply> $parts
     * @param list<PaperReply>    $papers
     * @param list<CellReply>     $cells        what is marked
     * @param list<CauseReply>    $causes       of all that is said
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $on,
        public string $className,
        public ?string $classId,
        public bool $byChildren,
        public bool $nearlyCounts,
        public int $revision,
        public array $parts,
        public array $papers,
        public array $cells,
        public array $causes,
    ) {
    }
}
