<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

/** The answer to a sum, written. */
final readonly class WorkedAnswer
{
    /**
     * @param string $text      plain
     * @param string $shown     marked
     * @param string $value     for programs: HH:MM, or a length in ISO 8601
     * @param ?int   $dayOffset for a time: days after the given one; null for other answers
     */
    public function __construct(
        public string $text,
        public string $shown,
        public string $value,
        public ?int $dayOffset,
    ) {
    }
}
