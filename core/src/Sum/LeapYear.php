<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\NoSuchDate;

/** Whether a year is a leap year. */
final readonly class LeapYear implements Sum
{
    use UsualSum;

    private function __construct(public int $year)
    {
    }

    /** @throws CannotBeDone for a year that is not reckoned with */
    public static function of(int $year): self
    {
        try {
            CalendarDate::of($year, 1, 1);
        } catch (NoSuchDate $none) {
            throw CannotBeDone::noSuchDate($none);
        }

        return new self($year);
    }

    public function kind(): Kind
    {
        return Kind::Calendar;
    }

    public function answered(): Answered
    {
        return Answered::Word;
    }

    public function regroups(): bool
    {
        return false;
    }

    public function answer(): WordAnswer
    {
        return WordAnswer::yesOrNo(CalendarDate::isLeap($this->year));
    }
}
