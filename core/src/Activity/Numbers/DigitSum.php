<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

/** A sum in columns with some digits to be found. */
final readonly class DigitSum
{
    /**
     * @param '+'|'-'        $sign
     * @param list<DigitRow> $rows the two that are given, and the answer
     */
    public function __construct(public string $sign, public array $rows)
    {
    }

    /** @return list<int> in minutes, the two that make up the whole */
    public function added(): array
    {
        $minutes = array_map(static fn (DigitRow $row): int => 60 * $row->hours + $row->minutes, $this->rows);

        return '+' === $this->sign ? [$minutes[0], $minutes[1]] : [$minutes[2], $minutes[1]];
    }
}
