<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** One question as it is printed. */
final readonly class PrintLine
{
    public function __construct(public string $question, public ?string $answer, public ?string $problem)
    {
    }
}
