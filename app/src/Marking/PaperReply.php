<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

/** A paper of a pile. */
final readonly class PaperReply
{
    /**
     * @param string             $name    of the child, code of the copy, or a number
     * @param ?string            $childId null where nobody's name is on it
     * @param string             $code    of the copy; empty for the sheet itself
     * @param int                $part    place among the parts
     * @param ?list<ToMarkReply> $own     questions of its own; null where they are those of the part
     */
    public function __construct(public string $id, public string $name, public ?string $childId, public string $code, public int $part, public bool $absent, public ?array $own)
    {
    }
}
