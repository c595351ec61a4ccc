<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** What is known of an activity before its numbers are made. */
final readonly class Intro
{
    /**
     * @param string                               $id       in lower case with hyphens
     * @param string                               $aim      what it is for, in a sentence
     * @param list<string>                         $rungs    ids of the rungs that it practises
     * @param list<AtHand>                         $needs    what has to be at hand
     * @param list<Option>                         $options  what can be chosen
     * @param list<string>                         $cautions for the teacher
     * @param string                               $turn     what is counted: "spins", "rounds", "calls"
     * @param array<string, array<string, string>> $presets  what is chosen where just this rung is wanted
     * @param ?Borrows                             $borrows  what it can take from a sheet
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $aim,
        public array $rungs,
        public Sort $sort,
        public Sizes $sizes,
        public array $needs,
        public array $options,
        public array $cautions,
        public string $turn,
        public array $presets = [],
        public ?Borrows $borrows = null,
    ) {
    }
}
