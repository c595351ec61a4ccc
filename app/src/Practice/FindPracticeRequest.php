<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Symfony\Component\Validator\Constraints as Assert;

/** A code as a child types it. */
final readonly class FindPracticeRequest
{
    public function __construct(#[Assert\Length(max: 60)] public string $code)
    {
    }
}
