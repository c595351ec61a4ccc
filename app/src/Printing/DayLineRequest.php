<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

/** Which line of the day is to be printed. */
final readonly class DayLineRequest
{
    /** @param ?string $class the id of the class that it is for: its clock is on it */
    public function __construct(public bool $upright = false, public Paper $paper = Paper::A4, public ?string $class = null)
    {
    }
}
