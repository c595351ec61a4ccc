<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

/** What belongs to a class: whoever teaches the class may see and change it. */
interface InClassroom
{
    public function classroom(): ?Classroom;
}
