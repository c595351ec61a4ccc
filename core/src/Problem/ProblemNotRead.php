<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Notation\NotUnderstood;

/** The text of a problem of which it is not sure which sum it is: what was understood of it, and what to choose from. */
final class ProblemNotRead extends NotUnderstood
{
    public function __construct(public readonly ReadProblem $read)
    {
        $first = $read->remarks[0] ?? new Remark('not-read', 'I cannot read this: which sum is it?');
        parent::__construct($first->code, $first->text, $first->at, 'The ferry leaves at 8:40 a.m. The crossing takes 35 minutes. When does it arrive?');
    }
}
