<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

/** An answer that was typed with its sum: whether it is right, and what a wrong one may come from. */
final readonly class Claim
{
    /**
     * @param string       $text  as it was typed
     * @param bool         $right whether it is the answer, be it in another form or without its unit
     * @param string       $say   one sentence
     * @param list<string> $may   what may have led to it: "may be treating an hour as 100 minutes"; hints, not verdicts
     */
    public function __construct(public string $text, public bool $right, public string $say, public array $may)
    {
    }
}
