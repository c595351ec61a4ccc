<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** The teacher who is signed in. */
final readonly class MeReply
{
    /** @param bool $administrator whether she looks after the accounts of the school */
    public function __construct(public string $id, public string $name, public string $school, public bool $administrator)
    {
    }

    public static function of(Teacher $teacher): self
    {
        return new self($teacher->id()->toRfc4122(), $teacher->name(), $teacher->school()->name(), $teacher->isAdministrator());
    }
}
