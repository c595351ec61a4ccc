<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

/** Sums that tell mistakes apart. */
final readonly class ChosenReply
{
    /**
     * @param list<string> $sums      canonical text
     * @param int          $separates pairs of mistakes that they tell apart
     * @param int          $separable pairs that can be told apart at all
     */
    public function __construct(public array $sums, public int $separates, public int $separable)
    {
    }
}
