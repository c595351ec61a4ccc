<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

use Rostik\Core\Judging\Judgement;

/** What all answers of one child together suggest: hints for a conversation with the child, not an assessment of it. */
final readonly class Diagnosis
{
    /**
     * @param list<Judgement>             $judgements one for each answer, in order
     * @param float                       $secure     probability that the child has none of the mistakes, 0 to 1
     * @param list<Finding>               $findings   by falling probability; only those worth telling
     * @param list<array{string, string}> $undecided  pairs of mistakes between which these answers cannot tell
     */
    public function __construct(public array $judgements, public float $secure, public array $findings, public array $undecided)
    {
    }
}
