<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

/** One question as it is printed. */
final readonly class PrintedQuestion
{
    /**
     * @param int          $number    on the paper, from 1
     * @param ?string      $answer    null where it has none
     * @param ?string      $problem   why it has none
     * @param string       $figure    what is drawn for the child to work on, as SVG; may be empty
     * @param list<string> $choices   answers to circle one of
     * @param ?string      $statement to be called true or false
     * @param bool         $rule      whether there is a line for the answer
     * @param ?TableRow    $row       its row, where a table is to be completed
     * @param list<string> $working   the steps of the working, for the key
     * @param string       $worked    the working as it is set out, as SVG, for the key; may be empty
     * @param string       $method    what the way of working is called; empty where there is none
     */
    public function __construct(
        public int $number,
        public string $question,
        public ?string $answer,
        public ?string $problem,
        public string $figure = '',
        public array $choices = [],
        public ?string $statement = null,
        public bool $rule = true,
        public ?TableRow $row = null,
        public array $working = [],
        public string $worked = '',
        public string $method = '',
    ) {
    }
}
