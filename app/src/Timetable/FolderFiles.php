<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Rostik\Core\Timetable\Gtfs\FeedFiles;
use Rostik\Core\Timetable\NotATable;

/** The files of a feed in a folder. */
final readonly class FolderFiles implements FeedFiles
{
    public function __construct(private string $folder)
    {
    }

    public function has(string $name): bool
    {
        return is_file($this->folder.'/'.$name);
    }

    public function open(string $name)
    {
        $stream = fopen($this->folder.'/'.$name, 'r');

        return false === $stream ? throw NotATable::one($name, 0, 'The file cannot be read.') : $stream;
    }
}
