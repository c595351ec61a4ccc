<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Sum\Sum;

/** Whoever knows which wrong answers a sum may get: the catalogue of mistakes. */
interface Predicting
{
    /**
     * What a child with each mistake would write; only those that show in this sum, and never the right answer.
     *
     * @param bool   $faceSeen whether a time to be written in digits is shown on a clock, as it is on paper, and not told
     *                         in words alone
     * @param string $words    in which the sum is told; empty for a bare sum
     *
     * @return array<string, Given> by id of the mistake; none for a sum whose answer depends on what was not said
     */
    public function predict(Sum $sum, bool $faceSeen = true, string $words = ''): array;
}
