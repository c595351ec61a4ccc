<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\NoSuchDate;
use Rostik\Core\Time\Unit;

/** How many days a month or a year has: February 2028 in days, year 2028 in days. */
final readonly class DaysIn implements Sum
{
    use InSomeYear;
    use UsualSum {
        InSomeYear::readings insteadof UsualSum;
        InSomeYear::leavesOpen insteadof UsualSum;
    }

    /** @param ?int $month 1 to 12; null for the whole year */
    private function __construct(public ?int $year, public ?int $month)
    {
    }

    /** @throws CannotBeDone for a year that is not reckoned with */
    public static function month(int $month, ?int $year = null): self
    {
        return self::of($year, $month);
    }

    /** @throws CannotBeDone for a year that is not reckoned with */
    public static function year(int $year): self
    {
        return self::of($year, null);
    }

    private static function of(?int $year, ?int $month): self
    {
        try {
            CalendarDate::of($year ?? 2027, $month ?? 1, 1);
        } catch (NoSuchDate $none) {
            throw CannotBeDone::noSuchDate($none);
        }

        return new self($year, $month);
    }

    public function kind(): Kind
    {
        return Kind::Calendar;
    }

    public function unitsSaid(): array
    {
        return [Unit::Day];
    }

    public function regroups(): bool
    {
        return false;
    }

    /** @throws CannotBeDone for February of a year that is not said */
    public function answer(): LengthAnswer
    {
        return [] === $this->readings() ? $this->answerIn($this->year ?? 2027) : throw CannotBeDone::yearMatters();
    }

    private function answerIn(int $year): LengthAnswer
    {
        $days = match (true) {
            null !== $this->month => CalendarDate::daysIn($year, $this->month),
            CalendarDate::isLeap($year) => 366,
            default => 365,
        };

        return new LengthAnswer(Amount::in(Duration::of($days * Unit::Day->size(), Chain::Clock), Unit::Day));
    }

    private function saysYear(): bool
    {
        return null !== $this->year;
    }

    private function inYear(int $year): self
    {
        return new self($year, $this->month);
    }
}
