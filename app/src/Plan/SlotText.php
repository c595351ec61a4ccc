<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\Validator\Constraints as Assert;

/** When a lesson is. */
final readonly class SlotText
{
    /**
     * @param string $id    of the lesson
     * @param string $on    2026-11-26
     * @param string $start HH:MM
     */
    public function __construct(
        #[Assert\Uuid(strict: true)]
        public string $id,
        #[Assert\NotBlank]
        #[Assert\Date]
        #[Assert\Regex('/^20\d\d-/', message: 'A day of this century: 2026-12-07')]
        public string $on,
        #[Assert\Regex('/^([01]\d|2[0-3]):[0-5]\d$/')]
        public string $start,
        #[Assert\Range(min: 10, max: 240)]
        public int $minutes,
    ) {
    }
}
