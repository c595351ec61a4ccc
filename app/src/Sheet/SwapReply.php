<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** A question that could give way to one that tells more. */
final readonly class SwapReply
{
    /**
     * @param int    $question  its number, from 1
     * @param string $sum       the one that would take its place
     * @param int    $separated pairs that would then be told apart
     */
    public function __construct(public int $question, public string $sum, public string $shown, public int $separated)
    {
    }
}
