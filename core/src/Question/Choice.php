<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

/** One of the answers to choose from. */
final readonly class Choice
{
    /** @param ?string $mistake id of the mistake that leads to it; null for the right answer */
    public function __construct(public string $text, public ?string $mistake)
    {
    }
}
