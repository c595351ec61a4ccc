<?php

declare(strict_types=1);

namespace Rostik\App\Api;

use Rostik\Core\Notation\Misread;
use Rostik\Core\Work\ToldProblem;

/** The members of a problem (RFC 9457) that the browser reads. */
final readonly class ProblemReply
{
    /**
     * @param string         $code    a short name of the problem
     * @param string         $detail  one sentence for a person
     * @param ?int           $at      for a sum that was not understood: where, in characters from 0
     * @param ?list<Misread> $misread for a sum that was not understood: all places that were not, where they are words
     * @param ?string        $example for a sum that was not understood: one that works
     * @param ?list<string>  $faults  for a file that is no timetable: what is wrong with it
     * @param ?ToldProblem   $told    for a problem in words that was not surely read: what was understood of it
     */
    public function __construct(
        public int $status,
        public string $code,
        public string $detail,
        public ?int $at,
        public ?array $misread,
        public ?string $example,
        public ?ToldProblem $told,
        public ?array $faults,
    ) {
    }
}
