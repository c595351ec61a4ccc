<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InventedNames;
use Rostik\App\Classroom\NamesInTexts;
use Rostik\App\Classroom\TextsOfClass;

/** What was asked at tablets. */
final readonly class NamesInPractices implements NamesInTexts
{
    public function __construct(private TextsOfClass $texts)
    {
    }

    public function forget(Classroom $class, InventedNames $names): void
    {
        $this->texts->forget($class, $names, 'practice', 'classroom_id = :class OR owner_id IN (:teachers)', ['title', 'sheet', 'last_word']);
        $this->texts->forget($class, $names, 'put', 'seat_id IN (SELECT s.id FROM seat s JOIN practice p ON p.id = s.practice_id WHERE p.classroom_id = :class OR p.owner_id IN (:teachers))', ['text_wording'], 'text_story');
    }
}
