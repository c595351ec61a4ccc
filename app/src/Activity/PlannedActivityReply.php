<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\Numbers;

/** An activity with its numbers, as it is planned for a class. */
final readonly class PlannedActivityReply
{
    /**
     * @param list<string>       $rungs
     * @param bool               $whole     whether it is always done by the whole class together
     * @param ?int               $most      children in a group; null for any number
     * @param list<int>          $groups    children in each group
     * @param list<string>       $needs     what has to be at hand, in words
     * @param list<OptionReply>  $options
     * @param list<string>       $cautions
     * @param string             $turn      what is counted
     * @param bool               $chance    whether the number of turns is left to chance
     * @param ?float             $error     standard error of the expected turns, where games were played to find it
     * @param string             $said      how long it takes, in words
     * @param int                $all       minutes in which nine times in ten all groups are done
     * @param float              $seconds   that a turn takes in this class
     * @param int                $seen      so many games of this class the seconds rest on
     * @param list<ShorterReply> $shorter
     * @param list<Material>     $materials
     * @param list<string>       $steps     marked
     * @param list<string>       $words
     * @param list<string>       $notes
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $aim,
        public string $sort,
        public array $rungs,
        public bool $whole,
        public int $least,
        public ?int $most,
        public int $children,
        public int $group,
        public array $groups,
        public array $needs,
        public array $options,
        public array $cautions,
        public string $turn,
        public bool $chance,
        public float $turns,
        public int $turns90,
        public ?float $error,
        public int $minutes,
        public int $minutes90,
        public string $said,
        public int $all,
        public float $seconds,
        public int $seen,
        public array $shorter,
        public array $materials,
        public array $steps,
        public array $words,
        public array $notes,
        public Numbers $numbers,
    ) {
    }
}
