<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\NoSuchDate;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\Unit;

/**
 * How many days it is from one date to another: 3 May 2027 to 21 May 2027. The first day is not counted, as with times;
 * with both ends counted it is a day more. Where the years are not said, the end is the next such day.
 */
final readonly class DatesApart implements OfDates
{
    use InSomeYear;
    use UsualSum {
        InSomeYear::readings insteadof UsualSum;
        InSomeYear::leavesOpen insteadof UsualSum;
    }

    /** @param bool $inWeeks whether the answer is wanted in weeks and days */
    private function __construct(public StatedDate $start, public StatedDate $end, public bool $bothEnds, public bool $inWeeks)
    {
    }

    /** @throws CannotBeDone when the end is before the start */
    public static function of(StatedDate $start, StatedDate $end, bool $bothEnds = false, bool $inWeeks = false): self
    {
        // a year that is said for the end holds for the start
        if (null === $start->year && null !== $end->year) {
            $later = [$start->month, $start->day] > [$end->month, $end->day];
            try {
                $start = $start->withYear($end->year - ($later ? 1 : 0));
            } catch (NoSuchDate $none) {
                throw CannotBeDone::noSuchDate($none);
            }
        } elseif (null === $end->year && null !== $start->year) {
            $later = [$start->month, $start->day] > [$end->month, $end->day];
            try {
                $end = $end->withYear($start->year + ($later ? 1 : 0));
            } catch (NoSuchDate $none) {
                throw CannotBeDone::noSuchDate($none);
            }
        }
        $sum = new self($start, $end, $bothEnds, $inWeeks);
        if (null !== $start->year && $sum->days() < 0) {
            throw CannotBeDone::endsBeforeItBegins();
        }

        return $sum;
    }

    public function kind(): Kind
    {
        return Kind::DatesApart;
    }

    public function dates(): array
    {
        return [$this->start, $this->end];
    }

    public function saidAs(Sum $like): self
    {
        if (!$like instanceof self) {
            return $this;
        }
        $open = null === $like->start->year;
        $said = new self($open ? StatedDate::stated(null, $this->start->month, $this->start->day) : $this->start, $open ? StatedDate::stated(null, $this->end->month, $this->end->day) : $this->end, $like->bothEnds, $like->inWeeks);

        return [] === $said->readings() && $said->days() === $this->days() ? $said : new self($this->start, $this->end, $like->bothEnds, $like->inWeeks);
    }

    public function unitsSaid(): array
    {
        return $this->inWeeks ? [Unit::Week, Unit::Day] : [Unit::Day];
    }

    /** Whether it leaves the month, so that its length has to be known. */
    public function regroups(): bool
    {
        return $this->start->month !== $this->end->month || $this->start->year !== $this->end->year;
    }

    /** @throws CannotBeDone when it depends on the year that is not said */
    public function answer(): LengthAnswer
    {
        if ([] !== $this->readings()) {
            throw CannotBeDone::yearMatters();
        }

        return $this->answerIn($this->usualYear());
    }

    /** Days from the start to the end, the start not counted; in a year that has these days, where none is said. */
    public function days(): int
    {
        return $this->startIn($this->usualYear())->daysTo($this->endIn($this->usualYear()));
    }

    /** Days as they are asked for: with both ends one more. */
    public function counted(): int
    {
        return $this->days() + ($this->bothEnds ? 1 : 0);
    }

    public function startIn(int $year): CalendarDate
    {
        return $this->start->in($year);
    }

    public function endIn(int $year): CalendarDate
    {
        $later = null === $this->end->year && [$this->start->month, $this->start->day] > [$this->end->month, $this->end->day];

        return $this->end->in($year + ($later ? 1 : 0));
    }

    /** So many days as they are given. */
    public function given(int $days): Amount
    {
        $length = Duration::of($days * Unit::Day->size(), Chain::Clock);

        return $this->inWeeks && $days >= 7 && 0 !== $days % 7 ? Amount::in($length, Unit::Week, Unit::Day) : Amount::in($length, $this->inWeeks && $days >= 7 ? Unit::Week : Unit::Day);
    }

    private function usualYear(): int
    {
        foreach ([StatedDate::COMMON, StatedDate::LEAP, StatedDate::COMMON] as $year) {
            try {
                $this->startIn($year);
                $this->endIn($year);

                return $year;
            } catch (NoSuchDate) {
                continue;
            }
        }

        return StatedDate::LEAP;
    }

    private function answerIn(int $year): LengthAnswer
    {
        try {
            return new LengthAnswer($this->given($this->startIn($year)->daysTo($this->endIn($year)) + ($this->bothEnds ? 1 : 0)));
        } catch (NoSuchDate $none) {
            throw CannotBeDone::noSuchDate($none);
        }
    }

    private function saysYear(): bool
    {
        return null !== $this->start->year;
    }

    private function inYear(int $year): self
    {
        return new self(StatedDate::of($this->startIn($year), null !== $this->start->weekday), StatedDate::of($this->endIn($year), null !== $this->end->weekday), $this->bothEnds, $this->inWeeks);
    }
}
