<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** Something typed that is not a sum: what was not understood, where, and one example that works. */
class NotUnderstood extends \DomainException
{
    /**
     * @param string        $reason  a short code, in lower case with hyphens
     * @param int           $at      where in the typed text it begins, in characters from 0
     * @param string        $example a sum that works
     * @param list<Misread> $misread all places that were not understood, in their order; empty where it is not a matter of words
     */
    public function __construct(
        public readonly string $reason,
        string $message,
        public readonly int $at,
        public readonly string $example,
        public readonly array $misread = [],
    ) {
        parent::__construct($message);
    }
}
