<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** A practice in a list. */
final readonly class PracticeLineReply
{
    public function __construct(public string $id, public string $title, public string $opened, public bool $open, public int $children, public int $answers)
    {
    }
}
