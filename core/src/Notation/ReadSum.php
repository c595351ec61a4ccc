<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\Sum;

/** A sum as read from text, with notes on what was taken for granted. */
final readonly class ReadSum
{
    /** @param list<Note> $notes */
    public function __construct(public Sum $sum, public array $notes)
    {
    }
}
