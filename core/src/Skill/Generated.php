<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

use Rostik\Core\Question\Question;
use Rostik\Core\Sum\Sum;

/** Questions drawn for a rung and a level. */
final readonly class Generated
{
    /** @var list<Sum> those of the questions, no two alike */
    public array $sums;

    /**
     * @param list<Question> $questions as they are usually put on that rung
     * @param int            $wanted    how many were asked for; there may be fewer, where there are no more
     */
    public function __construct(public array $questions, public int $wanted)
    {
        $this->sums = array_map(static fn (Question $question): Sum => $question->sum, $questions);
    }

    public function isComplete(): bool
    {
        return \count($this->questions) === $this->wanted;
    }
}
