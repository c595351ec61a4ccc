<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

/** How fine the times are that are read or set, in the order in which they are learnt (common practice, no source). */
enum Fineness: string
{
    case OClock = 'o-clock';
    case Half = 'half';
    case Quarter = 'quarter';
    case Five = 'five';
    case Minute = 'minute';

    /** @return list<int> the minutes of the hour that are new with it */
    public function minutes(): array
    {
        return match ($this) {
            self::OClock => [0],
            self::Half => [30],
            self::Quarter => [15, 45],
            self::Five => [5, 10, 20, 25, 35, 40, 50, 55],
            self::Minute => array_values(array_filter(range(1, 59), static fn (int $minute): bool => 0 !== $minute % 5)),
        };
    }

    /** What comes before it; null for the first. */
    public function before(): ?self
    {
        return match ($this) {
            self::OClock => null,
            self::Half => self::OClock,
            self::Quarter => self::Half,
            self::Five => self::Quarter,
            self::Minute => self::Five,
        };
    }
}
