<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Rostik\Core\Timetable\Gtfs\FeedFiles;
use Rostik\Core\Timetable\NotATable;

/** The files of a feed in a zip: read as they are needed, never unpacked to the disk, and only those with the names that are asked for. */
final readonly class ZipFiles implements FeedFiles
{
    /** Bytes of a file in it when it is unpacked: a million times of day with room to spare. */
    private const LARGEST = 150_000_000;

    private const MOST_FILES = 200;

    private function __construct(private \ZipArchive $zip)
    {
    }

    /** @throws NotATable when it is no zip, or one that holds too much */
    public static function of(string $path, string $called): self
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($path, \ZipArchive::RDONLY)) {
            throw NotATable::one($called, 0, 'This is no zip that can be opened. A feed is a zip of text files such as stops.txt.');
        }
        if ($zip->numFiles > self::MOST_FILES) {
            throw NotATable::one($called, 0, 'There are too many files in it for a feed.');
        }
        if (false === $zip->locateName('stops.txt') && false !== $zip->locateName('stops.txt', \ZipArchive::FL_NODIR)) {
            throw NotATable::one($called, 0, 'The files are in a folder inside the zip. Please zip the files themselves.');
        }

        return new self($zip);
    }

    public function has(string $name): bool
    {
        return false !== $this->zip->locateName($name);
    }

    public function open(string $name)
    {
        $about = $this->zip->statName($name);
        if (false === $about || $about['size'] > self::LARGEST) {
            throw NotATable::one($name, 0, 'The file is too large.');
        }
        if (\ZipArchive::EM_NONE !== ($about['encryption_method'] ?? \ZipArchive::EM_NONE)) {
            throw NotATable::one($name, 0, 'The file is locked with a password.');
        }
        $stream = $this->zip->getStream($name);

        return false === $stream ? throw NotATable::one($name, 0, 'The file cannot be read.') : $stream;
    }
}
