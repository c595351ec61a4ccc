<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** The practice is over, or the tablet was given back. */
final class PracticeClosed extends \DomainException
{
    public function __construct(public readonly string $lastWord)
    {
        parent::__construct('' === $lastWord ? 'This practice is over. Thank you.' : $lastWord);
    }
}
