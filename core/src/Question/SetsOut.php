<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Sum;

/** Whoever knows how a problem in words is set out. */
interface SetsOut
{
    /**
     * @param Sum                   $sum     that answers it, in the form of the class
     * @param string                $words   of the problem
     * @param Writer                $marked  in which the class writes
     * @param array<string, string> $methods ids of the class's own methods, by kind of sum
     *
     * @return ?SetOutProblem null for words that tell no times and lengths, and for sums that are not set out
     */
    public function problem(Sum $sum, string $words, Writer $marked, array $methods = []): ?SetOutProblem;
}
