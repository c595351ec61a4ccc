<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

/** What was understood of the text of a problem. */
final readonly class ReadProblem
{
    /**
     * @param bool                         $sure      whether nothing had to be guessed
     * @param list<ReadQuestion>           $questions in order
     * @param list<array{Mention, string}> $facts     what is told, and what it stands for
     * @param list<Remark>                 $remarks
     */
    public function __construct(public string $text, public bool $sure, public array $questions, public array $facts, public array $remarks)
    {
    }
}
