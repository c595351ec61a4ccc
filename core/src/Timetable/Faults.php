<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** The faults of files that are being read, as they are found. */
final class Faults
{
    /** More than these nobody mends at once. */
    public const MOST = 20;

    /** @var list<TableFault> */
    private array $found = [];

    /** @throws NotATable when there are enough of them */
    public function add(string $file, int $line, string $says): void
    {
        $this->found[] = new TableFault($file, $line, $says);
        if (\count($this->found) >= self::MOST) {
            $this->end();
        }
    }

    public function count(): int
    {
        return \count($this->found);
    }

    /** @throws NotATable when there are any */
    public function end(): void
    {
        if ([] !== $this->found) {
            throw NotATable::because($this->found);
        }
    }
}
