<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\Validator\Constraints as Assert;

/** A lesson that there is every week. */
final readonly class WeeklyText
{
    /**
     * @param int    $weekday 1 for Monday to 7 for Sunday
     * @param string $start   HH:MM
     */
    public function __construct(
        #[Assert\Range(min: 1, max: 7)]
        public int $weekday = 1,
        #[Assert\Regex('/^([01]\d|2[0-3]):[0-5]\d$/', message: 'A lesson begins at a time like 09:40.')]
        public string $start = '09:40',
        #[Assert\Range(min: 10, max: 240, notInRangeMessage: 'A lesson lasts from 10 minutes to 4 hours: 60')]
        public int $minutes = 60,
    ) {
    }
}
