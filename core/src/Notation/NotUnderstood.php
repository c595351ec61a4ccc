<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** Something typed that is not a sum: what was not understood, where, and one example that works. */
class NotUnderstood extends \DomainException
{
    /**
     * @param string $reason  a short code, in lower case with hyphens
     * @param int    $at      where in the typed text it begins, in characters from 0
     * @param string $example a sum that works
     */
    public function __construct(
        public readonly string $reason,
        string $message,
        public readonly int $at,
        public readonly string $example,
    ) {
        parent::__construct($message);
    }
}
