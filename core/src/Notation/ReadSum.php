<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\Sum;

/** A sum as read from text, with notes on what was taken for granted. */
final readonly class ReadSum
{
    /**
     * @param list<Note> $notes
     * @param string     $claimed what stands behind the equals sign, where the line gives an answer itself; '' for none
     */
    public function __construct(public Sum $sum, public array $notes, public string $claimed = '')
    {
    }
}
