<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;

/** Words with values among them, each to be written in the way of whoever reads it: "if the end is " and a.m. */
final readonly class Phrase
{
    /** @param list<string|StatedTime|HalfOfDay|Sum> $parts words with the blanks around them, and values */
    private function __construct(public array $parts)
    {
    }

    public static function of(string|StatedTime|HalfOfDay|Sum ...$parts): self
    {
        return new self(array_values($parts));
    }

    public function and(string $between, self $other): self
    {
        return new self([...$this->parts, $between, ...$other->parts]);
    }
}
