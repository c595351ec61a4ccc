<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

use Rostik\Core\Problem\Remark;

/** A problem in words, as it was understood. */
final readonly class ToldProblem
{
    /**
     * @param bool               $sure      whether nothing had to be guessed
     * @param list<ToldFact>     $facts     in order
     * @param list<ToldQuestion> $questions in order
     * @param list<Remark>       $remarks
     */
    public function __construct(public string $text, public bool $sure, public array $facts, public array $questions, public array $remarks)
    {
    }
}
