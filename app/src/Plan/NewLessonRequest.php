<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\Validator\Constraints as Assert;

/** One more lesson. */
final readonly class NewLessonRequest
{
    /**
     * @param string $on    2026-11-26
     * @param string $start HH:MM
     */
    public function __construct(
        #[Assert\Length(min: 1, max: 60)]
        public string $rung,
        #[Assert\NotBlank]
        #[Assert\Date]
        #[Assert\Regex('/^20\d\d-/', message: 'A day of this century: 2026-12-07')]
        public string $on,
        #[Assert\Regex('/^([01]\d|2[0-3]):[0-5]\d$/')]
        public string $start = '09:40',
        #[Assert\Range(min: 10, max: 240)]
        public int $minutes = 60,
    ) {
    }
}
