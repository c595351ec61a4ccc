<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\NoSuchTime;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * Reads a time of day: 3:45 pm, 3.45 p.m., 15:45, 1545, 8 pm, noon, midday, 12 midnight, half past 3 in the
 * afternoon, quarter to 12 at night, 18 minutes to eight, ten past midnight, 20:05 hours, three forty-five pm.
 */
final class TimeReader
{
    /**
     * Every time that can be read from this place on, shorter and longer ("10" and "10 to 3").
     *
     * @return list<TimeReading>
     */
    public function at(Words $words, int $i): array
    {
        $type = $words->type($i);
        if (Words::NUMBER === $type && ':' === $words->at($i + 1)) {
            // the commonest by far: 3:45
            $clock = $this->digits($words, $i);

            return null === $clock ? [] : [$clock];
        }
        if (Words::NUMBER !== $type && Words::WORD !== $type) {
            return [];
        }
        if ('at' === $words->at($i)) {
            ++$i;
        }
        $named = $this->named($words, $i);
        if (null !== $named) {
            return [$named];
        }
        $found = [];
        $spoken = $this->spoken($words, $i);
        if (null !== $spoken) {
            $found[] = $spoken;
        }
        $plain = Words::NUMBER === $words->type($i) ? $this->digits($words, $i) : $this->spelt($words, $i);
        if (null !== $plain) {
            $found[] = $plain;
        }

        return $found;
    }

    /** Noon, midday, midnight, with or without a 12 before it. */
    private function named(Words $words, int $i): ?TimeReading
    {
        $j = $i;
        if ($words->is($i, '12', 'twelve')) {
            $j = $words->is($i + 1, "o'clock", 'oclock') ? $i + 2 : $i + 1;
        }
        if ($words->is($j, 'noon', 'midday')) {
            return new TimeReading(StatedTime::of(TimeOfDay::of(12, 0)), $j + 1);
        }
        if ($words->is($j, 'midnight')) {
            return new TimeReading(StatedTime::of(TimeOfDay::of(0, 0)), $j + 1);
        }

        return null;
    }

    /** Half past 3, quarter to twelve, 18 minutes to eight, ten past midnight, twenty after six. */
    private function spoken(Words $words, int $i): ?TimeReading
    {
        $j = $words->is($i, 'a') ? $i + 1 : $i;
        $said = match (true) {
            $words->is($j, 'half') => [30, $j + 1],
            $words->is($j, 'quarter') => [15, $j + 1],
            default => NumberWords::orDigitsAt($words, $i),
        };
        if (null === $said) {
            return null;
        }
        [$minutes, $j] = $said;
        if ($words->is($j, 'minute', 'minutes', 'min', 'mins')) {
            ++$j;
        }
        $to = $words->is($j, 'to');
        if (!$to && !$words->is($j, 'past', 'after')) {
            return null;
        }
        ++$j;
        $anchor = $this->named($words, $j);
        if (null !== $anchor) {
            if ($minutes > 59) {
                return null;
            }

            return new TimeReading($anchor->time->moved($to ? -$minutes : $minutes), $anchor->next);
        }
        $hour = NumberWords::orDigitsAt($words, $j);
        if (null === $hour || $hour[0] < 1 || $hour[0] > 12 || $minutes < 1 || $minutes > 59 || ($words->is($hour[1], ':', '.') && $words->touches($hour[1] - 1))
            || null !== UnitWords::unit($words->at($hour[1]))) {
            return null;
        }
        [$named, $next] = $hour;
        if ($words->is($next, "o'clock", 'oclock')) {
            ++$next;
        }
        $reading = $to ? [($named + 10) % 12 + 1, 60 - $minutes] : [$named, $minutes];
        if ($to && 12 === $named && Words::HALF === $words->type($next)) {
            $words->complain('twelve-either-way', \sprintf('“%d minutes to 12 %s” can be taken in two ways.', $minutes, 'am' === $words->at($next) ? 'a.m.' : 'p.m.'), $i, \sprintf('11:%02d p.m. + 20 min', 60 - $minutes));

            return null;
        }
        $withHalf = $this->withHalf($words, $next, $reading[0], $reading[1], $i);
        if (null !== $withHalf) {
            return $withHalf;
        }

        return new TimeReading(StatedTime::open($reading[0], $reading[1]), $next);
    }

    /** 3:45, 3.45 pm, 1545, 8 pm, 8 o'clock, 8. */
    private function digits(Words $words, int $i): ?TimeReading
    {
        $text = $words->at($i);
        $length = \strlen($text);
        if ($length > 4) {
            return null;
        }
        if ($length > 2) {
            return $this->compact($words, $i);
        }
        $hour = (int) $text;
        $dot = $words->is($i + 1, '.') && $words->touches($i);
        if (($words->is($i + 1, ':') || $dot) && null !== $words->number($i + 2) && (!$dot || $words->touches($i + 1))) {
            $minutes = $words->at($i + 2);
            $next = $i + 3;
            if ($dot && (null !== UnitWords::unit($words->at($next)) || \strlen($minutes) > 2)) {
                return null;
            }
            if (2 !== \strlen($minutes)) {
                if (!$dot) {
                    $words->complain('two-digits', 'Minutes are always written with two digits.', $i + 2, \sprintf('%d:%02d + 20 min', $hour, min(59, (int) $minutes)));
                }

                return null;
            }
            if ($words->is($next, ':') && null !== $words->number($next + 1)) {
                $words->complain('seconds-on-the-clock', 'Times of day are in whole minutes here.', $next, \sprintf('%s:%s + 20 min', $text, $minutes));

                return null;
            }

            return $this->clock($words, $i, $next, $text, (int) $minutes);
        }
        if ($words->is($i + 1, "o'clock", 'oclock')) {
            return $this->clock($words, $i, $i + 2, (string) $hour, 0);
        }
        $withHalf = $this->withHalf($words, $i + 1, $hour, 0, $i);
        if (null !== $withHalf) {
            return $withHalf;
        }
        if (Words::HALF === $words->type($i + 1) || $hour > 23 || null !== UnitWords::unit($words->at($i + 1))) {
            return null;
        }
        $stated = $hour >= 1 && $hour <= 12 ? StatedTime::open($hour, 0) : StatedTime::of(TimeOfDay::of($hour, 0), ClockForm::TwentyFour);

        return new TimeReading($stated, $i + 1, true);
    }

    /** 1545, 0730, 345 pm. */
    private function compact(Words $words, int $i): ?TimeReading
    {
        $text = $words->at($i);
        $half = Words::HALF === $words->type($i + 1);
        if ((3 === \strlen($text) && !$half) || null !== UnitWords::unit($words->at($i + 1))) {
            return null;
        }
        $hour = substr($text, 0, -2);
        $minute = (int) substr($text, -2);

        return $this->clock($words, $i, $i + 1, $half ? $hour : str_pad($hour, 2, '0', \STR_PAD_LEFT), $minute, !$half);
    }

    /** Three forty-five pm, eight o'clock, nine. */
    private function spelt(Words $words, int $i): ?TimeReading
    {
        $hour = NumberWords::at($words, $i);
        if (null === $hour || $hour[0] < 1 || $hour[0] > 12) {
            return null;
        }
        [$named, $next] = $hour;
        if ($words->is($next, "o'clock", 'oclock')) {
            return $this->clock($words, $i, $next + 1, (string) $named, 0);
        }
        $oh = $words->is($next, 'oh', 'o') ? 1 : 0;
        $minute = NumberWords::at($words, $next + $oh);
        if (null !== $minute && $minute[0] < 60 && ($minute[0] >= 10 || 1 === $oh) && null === UnitWords::unit($words->at($minute[1]))) {
            return $this->clock($words, $i, $minute[1], (string) $named, $minute[0]);
        }

        return $this->withHalf($words, $next, $named, 0, $i)
            ?? (null === UnitWords::unit($words->at($next)) ? new TimeReading(StatedTime::open($named, 0), $next, true) : null);
    }

    /** Digits of a clock, with what follows: a half of the day, "hours", or nothing. */
    private function clock(Words $words, int $i, int $next, string $hourText, int $minute, bool $surely24 = false): ?TimeReading
    {
        $hour = (int) $hourText;
        $withHalf = $this->withHalf($words, $next, $hour, $minute, $i);
        if (null !== $withHalf) {
            return $withHalf;
        }
        if (Words::HALF === $words->type($next)) {
            return null;
        }
        $hours = $words->is($next, 'hours', 'hrs');
        if ($hours) {
            ++$next;
        }
        try {
            $time = TimeOfDay::of($hour, $minute);
        } catch (NoSuchTime $none) {
            $words->complain($none->reason, $none->getMessage(), $i, $none->example.' + 20 min');

            return null;
        }
        $is24 = $surely24 || $hours || $hour > 12 || 0 === $hour || '0' === $hourText[0];

        return new TimeReading($is24 ? StatedTime::of($time, ClockForm::TwentyFour) : StatedTime::open($hour, $minute), $next);
    }

    /** The half of the day after a 12-hour reading: pm, in the afternoon, at night. Null where none follows, or a wrong one. */
    private function withHalf(Words $words, int $next, int $hour, int $minute, int $from): ?TimeReading
    {
        if (Words::HALF === $words->type($next)) {
            $half = 'am' === $words->at($next) ? HalfOfDay::Am : HalfOfDay::Pm;
            try {
                return new TimeReading(StatedTime::of(TimeOfDay::of12($hour, $minute, $half)), $next + 1);
            } catch (NoSuchTime $none) {
                $words->complain($none->reason, $none->getMessage(), $from, $none->example.' + 20 min');

                return null;
            }
        }
        $after = $next;
        if ($words->is($next, 'in') && $words->is($next + 1, 'the')) {
            $after = $next + 2;
        } elseif ($words->is($next, 'the') && $words->is($next + 1, 'same')) {
            $after = $next + 2;
        } elseif ($words->is($next, 'at', 'this', 'that')) {
            $after = $next + 1;
        }
        $part = $words->at($after);
        if (!\in_array($part, ['morning', 'afternoon', 'evening', 'night'], true)) {
            return null;
        }
        $half = match ($part) {
            'morning' => HalfOfDay::Am,
            'afternoon' => 12 === $hour || $hour <= 6 ? HalfOfDay::Pm : null,
            'evening' => $hour >= 4 && $hour <= 11 ? HalfOfDay::Pm : null,
            default => $hour >= 6 && $hour <= 11 ? HalfOfDay::Pm : HalfOfDay::Am,
        };
        if (null === $half || $hour < 1 || $hour > 12) {
            $words->complain('not-that-part-of-the-day', \sprintf('%d:%02d is not in the %s.', $hour, $minute, $part), $from, \sprintf('%d:%02d a.m. + 20 min', max(1, min(12, $hour)), $minute));

            return null;
        }

        return new TimeReading(StatedTime::of(TimeOfDay::of12($hour, $minute, $half)), $after + 1);
    }
}
