<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Symfony\Component\Validator\Constraints as Assert;

/** A practice is closed for all. */
final readonly class ClosePracticeRequest
{
    /** @param string $lastWord that every tablet shows; empty for the usual one */
    public function __construct(#[Assert\Length(max: 120)] public string $lastWord = '')
    {
    }
}
