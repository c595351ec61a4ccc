<?php

declare(strict_types=1);

namespace Rostik\App\Skill;

/** A mistake to look for. */
final readonly class RungMistakeReply
{
    /** @param string $may what may be behind it, for the teacher: "may be …" */
    public function __construct(public string $id, public string $may)
    {
    }
}
