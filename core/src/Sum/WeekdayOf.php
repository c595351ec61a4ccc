<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\StatedDate;

/** On which day of the week a date falls: 12 March 2027 as weekday. */
final readonly class WeekdayOf implements OfDates
{
    use UsualSum;

    private function __construct(public CalendarDate $date)
    {
    }

    /** @throws CannotBeDone when the year is not said */
    public static function of(StatedDate $date): self
    {
        return new self($date->exact() ?? throw CannotBeDone::needsItsYear());
    }

    public function kind(): Kind
    {
        return Kind::Calendar;
    }

    public function answered(): Answered
    {
        return Answered::Word;
    }

    public function dates(): array
    {
        return [StatedDate::of($this->date)];
    }

    public function saidAs(Sum $like): self
    {
        return $this;
    }

    public function regroups(): bool
    {
        return false;
    }

    public function answer(): WordAnswer
    {
        return WordAnswer::weekday($this->date->weekday());
    }
}
