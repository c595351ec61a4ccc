<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\Validator\Constraints as Assert;

/** Days on which there are no lessons, both ends among them. */
final readonly class DaysOffText
{
    public function __construct(
        #[Assert\Date]
        #[Assert\Regex('/^20\d\d-/', message: 'A day of this century: 2026-12-07')]
        public string $from = '',
        #[Assert\Date]
        #[Assert\Regex('/^20\d\d-/', message: 'A day of this century: 2026-12-07')]
        #[Assert\GreaterThanOrEqual(propertyPath: 'from', message: 'Days off end after they begin: from 2026-12-21 to 2027-01-03')]
        public string $to = '',
    ) {
    }
}
