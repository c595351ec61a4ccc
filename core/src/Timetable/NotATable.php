<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** A file that is no timetable, or a faulty one: nothing of it is taken. */
final class NotATable extends \RuntimeException
{
    /** @param non-empty-list<TableFault> $faults */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", array_map(static fn (TableFault $fault): string => $fault->text(), $faults)));
    }

    /** @param non-empty-list<TableFault> $faults */
    public static function because(array $faults): self
    {
        return new self($faults);
    }

    public static function one(string $file, int $line, string $says): self
    {
        return new self([new TableFault($file, $line, $says)]);
    }
}
