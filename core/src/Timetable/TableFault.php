<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** What is wrong with a file that was brought in, and where. */
final readonly class TableFault
{
    /** @param int $line from 1; 0 for the file as a whole */
    public function __construct(public string $file, public int $line, public string $says)
    {
    }

    public function text(): string
    {
        return $this->file.(0 === $this->line ? '' : ', line '.$this->line).': '.$this->says;
    }
}
