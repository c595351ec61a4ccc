<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\WrittenDate;
use Rostik\Core\Time\StatedDate;

/** A date as a child writes it, however impossible: 31 April. */
final readonly class GivenDate implements Given
{
    /** @param ?int $weekday 1 for Monday; null where none is written */
    public function __construct(public int $day, public int $month, public ?int $year = null, public ?int $weekday = null)
    {
    }

    public static function stated(StatedDate $date): self
    {
        return new self($date->day, $date->month, $date->year, $date->weekday);
    }

    public function text(): string
    {
        return $this->shown(Style::canonical());
    }

    public function shown(Style $style): string
    {
        return WrittenDate::of($this->day, $this->month, $this->year, $this->weekday, $style);
    }

    /** What one of them leaves out, the year or the day of the week, may be either. */
    public function says(Given $other): bool
    {
        return $other instanceof self && $this->day === $other->day && $this->month === $other->month
            && (null === $this->year || null === $other->year || $this->year === $other->year)
            && (null === $this->weekday || null === $other->weekday || $this->weekday === $other->weekday);
    }
}
