<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

/** A kind of question that can be asked for. */
final readonly class TableKindReply
{
    public function __construct(public string $id, public string $said)
    {
    }
}
