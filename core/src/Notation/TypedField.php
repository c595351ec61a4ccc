<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\NoSuchDate;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Time\Weekday;

/**
 * A day or a time that a teacher types into a form, as one would say it: 26 November, Fri 27 Nov, 26/11, tomorrow; 9.40,
 * 0940, twenty to ten, 1:30. What is left out is taken as is usual for a school, and the field then shows what was taken.
 */
final readonly class TypedField
{
    /** Hours from this one on are of the morning where no half of the day is said, and those before it of the afternoon; common practice, no source. */
    private const FIRST_MORNING_HOUR = 7;

    private const DAY = '26 November';

    private const TIME = '9:40, 13:30, half past 2';

    public function __construct(private Style $style = new Style())
    {
    }

    /**
     * @param string       $typed as one would write it; without its year the nearest such day to today is meant, a day of
     *                            the week alone is the next one, today included
     * @param CalendarDate $today where the class is
     *
     * @throws NotUnderstood
     */
    public function day(string $typed, CalendarDate $today): CalendarDate
    {
        $text = trim(preg_replace('/^on\s+/', '', rtrim(DateReader::evened($typed), ',')) ?? '');
        try {
            return $this->named($text, $today) ?? $this->inNumbers($text, $today) ?? $this->read($text, $today);
        } catch (NoSuchDate|CannotBeDone $none) {
            throw new NotUnderstood('no-day', $none->getMessage(), 0, self::DAY);
        }
    }

    /**
     * @return int minutes since midnight, 0 to 1439
     *
     * @throws NotUnderstood
     */
    public function time(string $typed): int
    {
        // with its nought it is the 24-hour clock's, which is how a time is kept: 01:30
        if (1 === preg_match('/^(0\d):([0-5]\d)$/', trim($typed), $m)) {
            return 60 * (int) $m[1] + (int) $m[2];
        }
        $words = Words::of(trim($typed));
        $found = null;
        foreach ((new TimeReader())->at($words, 0) as $reading) {
            $found ??= $reading->next === $words->count && null === $reading->time->second ? $reading->time : null;
        }
        if (null === $found) {
            throw new NotUnderstood('no-time', $words->complaint->message ?? ('' === trim($typed) ? 'A time belongs here.' : \sprintf('“%s” is no time that a clock shows.', mb_substr(trim($typed), 0, 40))), 0, self::TIME);
        }
        if ($found->halfSaid) {
            return $found->minutes;
        }
        $hour = intdiv($found->minutes, 60);

        // where a class writes by the 24-hour clock alone, 1:30 is in the night
        return $found->in($hour >= ($this->style->always24 ? 1 : self::FIRST_MORNING_HOUR) ? HalfOfDay::Am : HalfOfDay::Pm)->minutes;
    }

    /** A day as the class writes it, with its day of the week. */
    public function writtenDay(CalendarDate $day): string
    {
        return Writer::plain($this->style)->date(StatedDate::of($day, true));
    }

    /** A time as the class writes it. */
    public function writtenTime(int $minutes): string
    {
        return Writer::plain($this->style)->time(StatedTime::of(TimeOfDay::ofMinutes($minutes), $this->style->always24 ? ClockForm::TwentyFour : ClockForm::Twelve));
    }

    /** Today, tomorrow, yesterday, Friday, next Friday. */
    private function named(string $text, CalendarDate $today): ?CalendarDate
    {
        $by = match ($text) {
            'today' => 0,
            'tomorrow' => 1,
            'yesterday' => -1,
            default => null,
        };
        if (null === $by && 1 === preg_match('/^(next|this|last)?\s*([a-z]{3,9}\.?)$/', $text, $m)) {
            $weekday = Weekday::read($m[2]);
            $on = null === $weekday ? null : ($weekday - $today->weekday() + 7) % 7;
            $by = null === $on ? null : match ($m[1]) {
                'last' => 0 === $on ? -7 : $on - 7,
                'next' => 0 === $on ? 7 : $on,
                default => $on,
            };
        }

        return null === $by ? null : CalendarDate::ofNumber($today->number() + $by);
    }

    /**
     * 26/11, 26.11., 26/11/26, 26-11-2026, 26, 26th: in the order in which the class writes day and month, and in the other
     * where that is no day.
     *
     * @throws NoSuchDate
     */
    private function inNumbers(string $text, CalendarDate $today): ?CalendarDate
    {
        if (1 === preg_match('/^(?:the\s+)?(\d{1,2})(?:st|nd|rd|th)?$/', $text, $m)) {
            return $this->nearest($today, array_map(
                static fn (int $by): StatedDate => StatedDate::stated($today->year + intdiv($today->month + $by + 11, 12) - 1, ($today->month + $by + 11) % 12 + 1, (int) $m[1]),
                array_values(array_filter([-1, 0, 1], static fn (int $by): bool => (int) $m[1] >= 1 && (int) $m[1] <= CalendarDate::daysIn($today->year + intdiv($today->month + $by + 11, 12) - 1, ($today->month + $by + 11) % 12 + 1))),
            )) ?? throw NoSuchDate::day((int) $m[1], $today->month, CalendarDate::daysIn($today->year, $today->month));
        }
        if (1 !== preg_match('~^(\d{1,2})\s*[/.-]\s*(\d{1,2})\.?(?:\s*[/.-]\s*(\d{2}|\d{4}))?$~', $text, $m)) {
            return null;
        }
        $year = !isset($m[3]) ? null : (int) $m[3] + (2 === \strlen($m[3]) ? 100 * intdiv($today->year, 100) : 0);
        [$day, $month] = $this->style->monthFirst ? [(int) $m[2], (int) $m[1]] : [(int) $m[1], (int) $m[2]];
        if ($month > 12 && $day <= 12) {
            [$day, $month] = [$month, $day];
        }

        return $this->near(StatedDate::stated($year, $month, $day), $today);
    }

    /**
     * @throws NoSuchDate
     * @throws CannotBeDone
     * @throws NotUnderstood
     */
    private function read(string $text, CalendarDate $today): CalendarDate
    {
        $found = DateReader::read($text);
        if ([] === $found) {
            throw new NotUnderstood('no-day', '' === $text ? 'A day belongs here.' : \sprintf('“%s” is no day of the calendar.', mb_substr($text, 0, 40)), 0, self::DAY);
        }

        return $this->near($found[$this->style->monthFirst && isset($found[1]) ? 1 : 0], $today);
    }

    /** @throws NoSuchDate */
    private function near(StatedDate $stated, CalendarDate $today): CalendarDate
    {
        if (null !== $stated->year) {
            return $stated->in($stated->year);
        }
        $years = [];
        $refused = null;
        // within these a 29 February, and every day of the week of every other day, are found
        foreach (range($today->year - 8, $today->year + 8) as $year) {
            try {
                $years[] = StatedDate::stated($year, $stated->month, $stated->day, $stated->weekday);
            } catch (NoSuchDate $none) {
                $refused = $none;
            }
        }

        return $this->nearest($today, $years) ?? throw $refused ?? NoSuchDate::month($stated->month);
    }

    /**
     * The nearest to today; of two as near, the later.
     *
     * @param list<StatedDate> $days
     */
    private function nearest(CalendarDate $today, array $days): ?CalendarDate
    {
        $best = null;
        foreach ($days as $one) {
            $day = $one->exact();
            if (null !== $day && (null === $best || abs($day->number() - $today->number()) <= abs($best->number() - $today->number()))) {
                $best = $day;
            }
        }

        return $best;
    }
}
