<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** An activity with its numbers, for a class. */
final readonly class Made
{
    /**
     * @param \Closure(): Turns $turns     of one group, computed when they are asked for
     * @param float             $seconds   one turn takes usually, before anything is known of the class; common practice, no source
     * @param float             $setUp     minutes for giving out, saying how it goes, and putting away
     * @param list<Material>    $materials for the whole class
     * @param list<string>      $steps     how it goes, to be read out
     * @param list<string>      $words     that the children use
     * @param list<string>      $notes     what else the teacher may want to know of these numbers
     */
    public function __construct(
        public Numbers $numbers,
        private \Closure $turns,
        public float $seconds,
        public float $setUp,
        public array $materials,
        public array $steps,
        public array $words,
        public array $notes = [],
    ) {
    }

    /** How many turns one group has. */
    public function turns(): Turns
    {
        return ($this->turns)();
    }
}
