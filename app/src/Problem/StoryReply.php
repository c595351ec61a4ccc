<?php

declare(strict_types=1);

namespace Rostik\App\Problem;

/** A problem in words that can be taken. */
final readonly class StoryReply
{
    /**
     * @param string $words as the class writes times
     * @param string $line  the same as it is typed, with the sum that is meant in brackets
     */
    public function __construct(public string $words, public string $line)
    {
    }
}
