<?php

declare(strict_types=1);

namespace Rostik\App\Work;

use Symfony\Component\Validator\Constraints as Assert;

/** A day or a time typed into a form. */
final readonly class FieldRequest
{
    /**
     * @param 'day'|'time' $kind
     * @param string       $text  as it was typed, or as it is kept (2026-11-26, 09:40)
     * @param ?string      $least the first day that fits, 2026-11-26; null for any
     * @param ?string      $most  the last one
     * @param int          $by    moved on by so many days, or by so many minutes
     */
    public function __construct(
        #[Assert\Choice(['day', 'time'])]
        public string $kind,
        #[Assert\Length(max: 200)]
        public string $text,
        #[Assert\Date]
        public ?string $least = null,
        #[Assert\Date]
        public ?string $most = null,
        #[Assert\Range(min: -400, max: 400)]
        public int $by = 0,
    ) {
    }
}
