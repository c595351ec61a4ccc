<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Rostik\App\Classroom\Child;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A room that has something to do when papers have been marked. */
#[AutoconfigureTag]
interface WhenMarked
{
    public function marked(Child ...$children): void;
}
