<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A room in whose texts the name of a child may stand: questions told with the names of a class, titles, notes. */
#[AutoconfigureTag]
interface NamesInTexts
{
    /** Takes the names out of all texts of that class and of those who teach it. */
    public function forget(Classroom $class, InventedNames $names): void;
}
