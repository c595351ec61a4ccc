<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** What went wrong most: a question for the board, without a name. */
final readonly class HardestReply
{
    /**
     * @param string $can  what it is about: "I can …"
     * @param string $line that the board understands
     */
    public function __construct(public string $can, public string $line, public int $wrong, public int $of)
    {
    }
}
