<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

use Rostik\Core\Question\Question;

/** Questions chosen to tell mistakes apart. */
final readonly class Chosen
{
    /**
     * @param list<Question> $questions as they are usually put on the rung
     * @param list<string>   $sums      theirs, in canonical text; of a problem its words with the sum behind them in brackets
     * @param int            $separates pairs of mistakes that the set tells apart
     * @param int            $separable pairs that can be told apart at all, by the sums there are to choose from
     * @param list<string>   $mistakes  the mistakes that the rung is about and that its sums can show
     */
    public function __construct(public array $questions, public array $sums, public int $separates, public int $separable, public array $mistakes)
    {
    }
}
