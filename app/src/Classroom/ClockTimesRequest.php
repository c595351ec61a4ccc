<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Symfony\Component\Validator\Constraints as Assert;

/** The times of its own that a class reads and sets on clocks. */
final readonly class ClockTimesRequest
{
    /** @param string $times one to a line, or with commas between; empty for none */
    public function __construct(
        #[Assert\Length(max: 2000)]
        public string $times = '',
    ) {
    }
}
