<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InventedNames;
use Rostik\App\Classroom\NamesInTexts;
use Rostik\App\Classroom\TextsOfClass;

/** What stands in lessons, and the teacher's notes to them. */
final readonly class NamesInLessons implements NamesInTexts
{
    public function __construct(private TextsOfClass $texts)
    {
    }

    public function forget(Classroom $class, InventedNames $names): void
    {
        $this->texts->forget($class, $names, 'planned_lesson', 'classroom_id = :class', ['note', 'parts']);
    }
}
