<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\DBAL\Connection;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InventedNames;
use Rostik\App\Classroom\NamesInTexts;
use Rostik\App\Classroom\TextsOfClass;

/** The questions behind what was seen are worked out again, from papers without the name; those of others that were put away lose it, too. */
final readonly class NamesInSeen implements NamesInTexts
{
    public function __construct(private Connection $connection, private TextsOfClass $texts)
    {
    }

    public function forget(Classroom $class, InventedNames $names): void
    {
        $this->connection->executeStatement('DELETE FROM kept_seen WHERE child_id IN (SELECT id FROM child WHERE classroom_id = ?)', [$class->id()->toBinary()]);
        $this->texts->forget($class, $names, 'put_away_record', 'classroom_id = :class', ['taken']);
    }
}
