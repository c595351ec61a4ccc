<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\NoSuchTime;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * What follows the reading of a clock and says which half of the day it is: pm, in the afternoon, at night. Which hours
 * each part of the day has is common practice, no source.
 */
final class PartOfTheDay
{
    private const PARTS = ['morning', 'afternoon', 'evening', 'night'];

    /**
     * The time with its half of the day, where one follows at this place; null where none does, or a wrong one.
     *
     * @param int  $hour   as it was written, 0 to 99
     * @param int  $minute as it was written, 0 to 99
     * @param int  $from   the place where the time begins
     * @param bool $before whether a time before this hour is meant: quarter to 12 in the morning is before noon
     */
    public function after(Words $words, int $next, int $hour, int $minute, int $from, bool $before = false): ?TimeReading
    {
        if (Words::HALF === $words->type($next)) {
            return $this->half($words, $next, $hour, $minute, $from);
        }
        $at = $this->place($words, $next);
        if (null === $at) {
            return null;
        }
        $part = $words->at($at);
        if ($hour > 12 && $hour < 24 && $minute < 60) {
            return $this->by24($words, $part, $hour, $minute, $from, $at + 1);
        }
        if ($hour < 1 || $hour > 12 || $minute > 59) {
            $words->complain('not-that-part-of-the-day', \sprintf('There is no %d:%02d in the %s.', $hour, $minute, $part), $from, $this->nearest($part, $hour, $minute), $at + 1);

            return null;
        }
        $half = $this->halfOf($part, $hour, $before);
        if (null === $half) {
            $words->complain('not-that-part-of-the-day', \sprintf('%d:%02d is not in the %s.', $hour, $minute, $part), $from, \sprintf('%d:%02d %s', $hour, $minute, 12 === $hour ? 'a.m.' : 'p.m.'), $at + 1);

            return null;
        }

        return new TimeReading(StatedTime::of(TimeOfDay::of12($hour, $minute, $half)), $at + 1);
    }

    /** Whether a part of the day stands here. */
    public function stands(Words $words, int $next): bool
    {
        return null !== $this->place($words, $next);
    }

    private function half(Words $words, int $next, int $hour, int $minute, int $from): ?TimeReading
    {
        $half = 'am' === $words->at($next) ? HalfOfDay::Am : HalfOfDay::Pm;
        // after midnight some write 0:15 a.m. for 12:15 a.m.
        $hour = 0 === $hour && HalfOfDay::Am === $half && $minute < 60 ? 12 : $hour;
        try {
            $time = TimeOfDay::of12($hour, $minute, $half);
        } catch (NoSuchTime $none) {
            $words->complain($none->reason, $none->getMessage(), $from, $none->example.('minute-over-59' === $none->reason && $hour < 12 ? ' '.$half->value : ''), $next + 1);

            return null;
        }
        // 7 pm in the evening says it twice
        $at = $this->place($words, $next + 1);
        if (null === $at) {
            return new TimeReading(StatedTime::of($time), $next + 1);
        }
        if ($this->halfOf($words->at($at), $hour, false) !== $half) {
            $words->complain('not-that-part-of-the-day', \sprintf('%d:%02d %s is not in the %s.', $hour, $minute, $half->value, $words->at($at)), $from, \sprintf('%d:%02d %s', $hour, $minute, $half->value), $at + 1);

            return null;
        }

        return new TimeReading(StatedTime::of($time), $at + 1);
    }

    private function by24(Words $words, string $part, int $hour, int $minute, int $from, int $next): ?TimeReading
    {
        if ('morning' === $part || ('afternoon' === $part && $hour > 18) || ('evening' === $part && $hour < 16)) {
            $words->complain('half-with-24h', \sprintf('%d:%02d is a 24-hour time, and it is not in the %s.', $hour, $minute, $part), $from, \sprintf('%d:%02d', $hour, $minute), $next);

            return null;
        }

        return new TimeReading(StatedTime::of(TimeOfDay::of($hour, $minute), ClockForm::TwentyFour), $next);
    }

    /** The half in which an hour of that part of the day lies; null where it is in none. */
    private function halfOf(string $part, int $hour, bool $before): ?HalfOfDay
    {
        return match ($part) {
            'morning' => 12 === $hour && $before ? HalfOfDay::Pm : HalfOfDay::Am,
            'afternoon' => (12 === $hour && !$before) || $hour <= 6 ? HalfOfDay::Pm : null,
            'evening' => $hour >= 4 && $hour <= 11 ? HalfOfDay::Pm : null,
            default => $hour >= 6 && $hour <= 11 ? HalfOfDay::Pm : HalfOfDay::Am,
        };
    }

    /** The place of the word itself, in "in the evening", "this evening", "at night"; null where there is none. */
    private function place(Words $words, int $next): ?int
    {
        $at = match (true) {
            $words->is($next, 'in', 'on', 'of') && $words->is($next + 1, 'the') => $next + 2,
            $words->is($next, 'the') && $words->is($next + 1, 'same') => $next + 2,
            $words->is($next, 'at', 'this', 'that', 'in') => $next + 1,
            default => $next,
        };

        return \in_array($words->at($at), self::PARTS, true) ? $at : null;
    }

    private function nearest(string $part, int $hour, int $minute): string
    {
        return \sprintf('%d:%02d in the %s', match ($part) {
            'morning' => max(1, min(11, $hour)),
            'afternoon' => 3,
            default => 8,
        }, $minute % 60, $part);
    }
}
