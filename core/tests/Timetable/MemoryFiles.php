<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Timetable;

use Rostik\Core\Timetable\Gtfs\FeedFiles;

/** The files of a feed, written in a test. */
final readonly class MemoryFiles implements FeedFiles
{
    /** @param array<string, string> $files */
    public function __construct(private array $files)
    {
    }

    public function has(string $name): bool
    {
        return isset($this->files[$name]);
    }

    public function open(string $name)
    {
        $stream = fopen('php://memory', 'r+');
        \assert(false !== $stream);
        fwrite($stream, $this->files[$name] ?? '');
        rewind($stream);

        return $stream;
    }
}
