<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

use Rostik\Core\Method\Step;
use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Question\ShownClock;
use Rostik\Core\Timetable\TableStep;

/** A question as a child gets it, with all the help it may want and what its usual answers mean. */
final readonly class Offer
{
    /**
     * @param string           $asked   marked text
     * @param string           $task    what is to be found, in a few words; empty where the question says it itself
     * @param list<ShownClock> $clocks
     * @param bool             $roman   whether the faces have Roman numerals
     * @param list<Step>       $steps   the whole working in it; the first two are the first help
     * @param string           $answer  marked text
     * @param list<TableStep>  $reading where to look in the timetable, step by step; none where there is none to be read
     * @param list<Usual>      $usual
     */
    public function __construct(
        public string $asked,
        public string $task,
        public array $clocks,
        public bool $roman,
        public AnswerForm $form,
        public Pad $pad,
        public array $steps,
        public string $answer,
        public array $usual,
        public array $reading = [],
    ) {
    }
}
