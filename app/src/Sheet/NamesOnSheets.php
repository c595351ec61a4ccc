<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InventedNames;
use Rostik\App\Classroom\NamesInTexts;
use Rostik\App\Classroom\TextsOfClass;

/** Questions told with the names of a class: on sheets and their copies. */
final readonly class NamesOnSheets implements NamesInTexts
{
    private const THESE = 'SELECT id FROM sheet WHERE classroom_id = :class OR owner_id IN (:teachers)';

    public function __construct(private TextsOfClass $texts)
    {
    }

    public function forget(Classroom $class, InventedNames $names): void
    {
        $this->texts->forget($class, $names, 'sheet', 'id IN ('.self::THESE.')', ['title']);
        $this->texts->forget($class, $names, 'question', 'sheet_id IN ('.self::THESE.')', ['wording'], 'story');
        foreach (['copy', 'copy_base'] as $table) {
            $this->texts->forget($class, $names, $table, 'sheet_id IN ('.self::THESE.')', ['questions']);
        }
    }
}
