<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Judging\RightAnswer;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Style;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Sum;

/** Answers to choose from: the right one and those that real mistakes lead to, never random ones. */
final readonly class Choices
{
    public function __construct(private MistakeBook $book, private RightAnswer $right, private Editions $editions)
    {
    }

    /**
     * @param int    $most  how many at the most, the right one among them
     * @param int    $seed  the same seed gives the same order
     * @param Style  $style in which they are written
     * @param string $words in which the sum is told; empty for a bare one
     *
     * @return list<Choice> none where no usual mistake leads to another answer
     */
    public function for(Sum $sum, int $most, int $seed, Style $style = new Style(), string $words = ''): array
    {
        try {
            $right = $this->right->to($sum);
        } catch (CannotBeDone) {
            return [];
        }
        if (null === $right) {
            return [];
        }
        $wrong = [];
        foreach ($this->editions->first($sum, $this->book->predict($sum, words: $words), $right) as $id => $given) {
            $wrong[$given->text()] ??= new Choice($given->shown($style), $id);
        }
        if ([] === $wrong) {
            return [];
        }
        $chance = new \Random\Randomizer(new \Random\Engine\Xoshiro256StarStar($seed));
        $choices = [new Choice($right->shown($style), null), ...\array_slice($chance->shuffleArray(array_values($wrong)), 0, max(1, $most - 1))];

        return $chance->shuffleArray($choices);
    }
}
