<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** A rung of the ladder, to choose from. */
final readonly class RungReply
{
    /** @param string $can what a child can do: "I can …" */
    public function __construct(public string $id, public string $can)
    {
    }
}
