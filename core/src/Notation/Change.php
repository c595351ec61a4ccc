<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** Whether one part of a time changed, from what to what, and why. */
final readonly class Change
{
    public function __construct(
        public bool $changed,
        public string $from,
        public string $to,
        public string $why,
    ) {
    }
}
