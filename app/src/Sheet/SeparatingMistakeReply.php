<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** A mistake, and where a set of questions brings it to light. */
final readonly class SeparatingMistakeReply
{
    /**
     * @param string    $may       what may be behind it: "may be …"
     * @param list<int> $questions numbers of the questions in which it shows, from 1
     */
    public function __construct(public string $id, public string $may, public array $questions)
    {
    }
}
