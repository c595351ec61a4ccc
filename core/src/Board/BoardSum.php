<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Work\WorkedSum;

/** A sum with everything the board needs: every model can be drawn at every moment without asking again. */
final readonly class BoardSum
{
    /**
     * @param ?BoardClock           $clock   null where the sum is not on the clock
     * @param list<list<int|float>> $moments by method, in the order of the worked sum: where the clock stands after each step;
     *                                       empty where the sum is not on the clock
     * @param list<Asked>           $asked   what the class says first, in order; none where the sum was written with signs
     */
    public function __construct(
        public WorkedSum $worked,
        public ?BoardClock $clock,
        public array $moments,
        public array $asked,
    ) {
    }
}
