<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

/** One way in which an ambiguous sum can be meant: what it takes for granted, the full sum in canonical text and as marked text, its answer. */
final readonly class WorkedReading
{
    public function __construct(public string $assumes, public string $sum, public string $shown, public WorkedAnswer $answer)
    {
    }
}
