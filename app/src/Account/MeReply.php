<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** The teacher who is signed in. */
final readonly class MeReply
{
    public function __construct(public string $name, public string $school)
    {
    }

    public static function of(Teacher $teacher): self
    {
        return new self($teacher->name(), $teacher->school());
    }
}
