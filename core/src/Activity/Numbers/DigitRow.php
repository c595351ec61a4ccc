<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

/** A row of a sum in columns: hours, and minutes in two digits. */
final readonly class DigitRow
{
    /** @param list<bool> $hidden of the three digits: hours, tens of minutes, minutes */
    public function __construct(public int $hours, public int $minutes, public array $hidden)
    {
    }

    /** @return array{int, int, int} */
    public function digits(): array
    {
        return [$this->hours, intdiv($this->minutes, 10), $this->minutes % 10];
    }

    /** 2:?5, with a question mark for each digit that is to be found */
    public function shown(): string
    {
        $signs = array_map(static fn (int $digit, bool $hidden): string => $hidden ? '?' : (string) $digit, $this->digits(), $this->hidden);

        return $signs[0].':'.$signs[1].$signs[2];
    }
}
