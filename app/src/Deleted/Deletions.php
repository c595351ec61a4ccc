<?php

declare(strict_types=1);

namespace Rostik\App\Deleted;

use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A room from which things are deleted. */
#[AutoconfigureTag]
interface Deletions
{
    public function kind(): DeletedKind;

    /** @return list<Gone> what this teacher may bring back, in any order */
    public function of(Teacher $teacher): array;

    /** Brings all of it back. */
    public function bringBack(Gone $gone): void;

    /** @return list<Deletable> what was deleted in that school before that time */
    public function before(School $school, \DateTimeImmutable $before): array;
}
