<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** The teacher who is signed in. */
final readonly class MeReply
{
    /**
     * @param bool $administrator whether she looks after the accounts of the school
     * @param int  $deletedDays   for so many days what was deleted can be brought back
     * @param bool $letterKeys    whether letters, digits and signs by themselves are keys of a screen
     */
    public function __construct(public string $id, public string $name, public string $school, public bool $administrator, public int $deletedDays, public bool $letterKeys)
    {
    }

    public static function of(Teacher $teacher): self
    {
        return new self($teacher->id()->toRfc4122(), $teacher->name(), $teacher->school()->name(), $teacher->isAdministrator(), $teacher->school()->keeping()->deletedDays, $teacher->hasLetterKeys());
    }
}
