<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

use Rostik\Core\Judging\Judgement;

/** What all answers of one child together suggest: hints for a conversation with the child, not an assessment of them. */
final readonly class Diagnosis
{
    /**
     * @param list<Judgement>             $judgements    one for each answer, in order
     * @param ?float                      $secure        probability that the child has none of the mistakes now, 0 to 1; null where nothing can be said
     * @param float                       $somethingElse probability that it does something that is in no catalogue, or guesses
     * @param int                         $answered      how many answers there are to go by
     * @param list<int>                   $unexplained   places, from 0, of wrong answers that neither a finding nor a slip explains
     * @param list<Finding>               $findings      by falling probability, those of earlier last; only those worth telling
     * @param list<array{string, string}> $undecided     pairs of mistakes between which these answers cannot tell
     */
    public function __construct(public array $judgements, public ?float $secure, public float $somethingElse, public int $answered, public array $unexplained, public array $findings, public array $undecided)
    {
    }
}
