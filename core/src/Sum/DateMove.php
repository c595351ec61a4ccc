<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\NoSuchDate;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\Unit;
use Rostik\Core\Time\Weekday;

/** Which date it is so many days, weeks, months or years later or earlier: 12 March 2027 + 3 weeks. */
final readonly class DateMove implements OfDates
{
    use InSomeYear;
    use UsualSum {
        InSomeYear::readings insteadof UsualSum;
        InSomeYear::leavesOpen insteadof UsualSum;
    }

    /** The longest way, in days: some hundreds of years. */
    private const FARTHEST = 400_000;

    /** @param int $direction 1 for later, -1 for earlier */
    private function __construct(public StatedDate $start, public Amount $length, public int $direction)
    {
    }

    /** @throws CannotBeDone when the length is in hours or less, or too long */
    public static function later(StatedDate $start, Amount $length): self
    {
        return self::of($start, $length, 1);
    }

    /** @throws CannotBeDone when the length is in hours or less, or too long */
    public static function earlier(StatedDate $start, Amount $length): self
    {
        return self::of($start, $length, -1);
    }

    private static function of(StatedDate $start, Amount $length, int $direction): self
    {
        if (!$length->isWhole() || (Chain::Clock === $length->duration->chain && 0 !== $length->duration->count % Unit::Day->size())) {
            throw CannotBeDone::notWholeDays();
        }
        $sum = new self($start, $length, $direction);
        if ((Chain::Clock === $length->duration->chain ? $sum->days() : 31 * $length->duration->count) > self::FARTHEST) {
            throw CannotBeDone::noSuchDate(NoSuchDate::year(CalendarDate::LAST_YEAR + 1));
        }

        return $sum;
    }

    public function kind(): Kind
    {
        return $this->direction > 0 ? Kind::DateLater : Kind::DateEarlier;
    }

    public function answered(): Answered
    {
        return Answered::Date;
    }

    public function dates(): array
    {
        return [$this->start];
    }

    public function lengths(): array
    {
        return [$this->length];
    }

    public function withLengths(Amount ...$lengths): static
    {
        return self::of($this->start, $lengths[0] ?? $this->length, $this->direction);
    }

    public function saidAs(Sum $like): self
    {
        if (!$like instanceof self || null === $this->start->year) {
            return $this;
        }
        $date = $this->start->in($this->start->year);
        $open = null === $like->start->year;
        $said = $this->from($open ? StatedDate::stated(null, $date->month, $date->day, null === $like->start->weekday ? null : $date->weekday()) : StatedDate::of($date, null !== $like->start->weekday));

        // left open it must not come to depend on the year
        return [] === $said->readings() ? $said : $this;
    }

    /** The same from another day. */
    public function from(StatedDate $start): self
    {
        return self::of($start, $this->length, $this->direction);
    }

    /** Whether it goes by months and years, and not by days. */
    public function byMonths(): bool
    {
        return Chain::Calendar === $this->length->duration->chain;
    }

    /** Days of the length, 0 or more; 0 where it goes by months. */
    public function days(): int
    {
        return $this->byMonths() ? 0 : intdiv($this->length->duration->count, Unit::Day->size());
    }

    /** Whether it leaves the month, so that its length has to be known. */
    public function regroups(): bool
    {
        try {
            $end = $this->endIn($this->start->year ?? StatedDate::LEAP);

            return !$this->byMonths() && ($end->month !== $this->start->month || $end->year !== ($this->start->year ?? StatedDate::LEAP));
        } catch (CannotBeDone) {
            return false;
        }
    }

    /** @throws CannotBeDone when there is no such day, or when it depends on the year that is not said */
    public function answer(): DateAnswer
    {
        if ([] !== $this->readings()) {
            throw CannotBeDone::yearMatters();
        }
        foreach ([$this->start->year ?? StatedDate::COMMON, $this->start->year ?? StatedDate::LEAP] as $year) {
            try {
                return $this->answerIn($year);
            } catch (CannotBeDone $no) {
                $refused = $no;
            }
        }

        throw $refused;
    }

    /** @throws CannotBeDone when there is no such day */
    public function endIn(int $year): CalendarDate
    {
        try {
            $start = $this->start->in($year);

            return $this->byMonths() ? $start->plusMonths($this->direction * $this->length->duration->count) : $start->plusDays($this->direction * $this->days());
        } catch (NoSuchDate $none) {
            throw CannotBeDone::noSuchDate($none);
        }
    }

    private function answerIn(int $year): DateAnswer
    {
        $end = $this->endIn($year);
        if (null !== $this->start->year) {
            return new DateAnswer(StatedDate::of($end, null !== $this->start->weekday));
        }
        $weekday = null === $this->start->weekday || $this->byMonths() ? null : Weekday::after($this->start->weekday, $this->direction * $this->days());

        return new DateAnswer(StatedDate::stated(null, $end->month, $end->day, $weekday));
    }

    private function saysYear(): bool
    {
        return null !== $this->start->year;
    }

    private function inYear(int $year): self
    {
        return $this->from($this->start->withYear($year));
    }
}
