<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Notation\Style;
use Rostik\Core\Time\MonthName;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\Weekday;

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
        $weekday = null === $this->weekday ? '' : Weekday::name($this->weekday);
        $month = MonthName::of($this->month);

        return $style->monthFirst
            ? ('' === $weekday ? '' : $weekday.', ').$month.' '.$this->day.(null === $this->year ? '' : ', '.$this->year)
            : ('' === $weekday ? '' : $weekday.' ').$this->day.' '.$month.(null === $this->year ? '' : ' '.$this->year);
    }

    /** What one of them leaves out, the year or the day of the week, may be either. */
    public function says(Given $other): bool
    {
        return $other instanceof self && $this->day === $other->day && $this->month === $other->month
            && (null === $this->year || null === $other->year || $this->year === $other->year)
            && (null === $this->weekday || null === $other->weekday || $this->weekday === $other->weekday);
    }
}
