<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InventedNames;
use Rostik\App\Classroom\NamesInTexts;
use Rostik\App\Classroom\TextsOfClass;

/** What was done meanwhile, while a length of time was felt. */
final readonly class NamesInTallies implements NamesInTexts
{
    public function __construct(private TextsOfClass $texts)
    {
    }

    public function forget(Classroom $class, InventedNames $names): void
    {
        $this->texts->forget($class, $names, 'tally', 'classroom_id = :class', ['doing']);
    }
}
