<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InventedNames;
use Rostik\App\Classroom\NamesInTexts;
use Rostik\App\Classroom\TextsOfClass;

/** What was asked on marked papers. */
final readonly class NamesOnPapers implements NamesInTexts
{
    private const THESE = 'SELECT id FROM pile WHERE classroom_id = :class OR owner_id IN (:teachers)';

    public function __construct(private TextsOfClass $texts)
    {
    }

    public function forget(Classroom $class, InventedNames $names): void
    {
        $this->texts->forget($class, $names, 'pile', 'id IN ('.self::THESE.')', ['title']);
        $this->texts->forget($class, $names, 'pile_part', 'pile_id IN ('.self::THESE.')', ['questions']);
        $this->texts->forget($class, $names, 'paper', 'pile_id IN ('.self::THESE.')', ['own']);
    }
}
