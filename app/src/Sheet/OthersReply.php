<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** Another question like each. */
final readonly class OthersReply
{
    /**
     * @param list<?string> $sums     in order; null where there is no other like it
     * @param list<string>  $wordings in the same order; empty for bare sums
     */
    public function __construct(public array $sums, public array $wordings)
    {
    }
}
