<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

/** A mistake that shows where a sum is told in words, because of the words. */
interface ToldMistake extends Mistake
{
    /** The same mistake in a problem with these words; without them it shows as it does in a bare sum. */
    public function in(string $words): Mistake;
}
