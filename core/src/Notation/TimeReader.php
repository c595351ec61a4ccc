<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\NoSuchTime;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Time\Unit;

/**
 * Reads a time of day: 1:50 pm, 1.50 p.m., 13:50, 1350, 0945 hrs, 8 pm, noon, midday, 12 midnight, half past 4 in the
 * afternoon, half 4, quarter of five, ten to 11 at night, 23 minutes to nine, ten past midnight, 20:05 hours, three
 * forty-five pm.
 */
final readonly class TimeReader
{
    public function __construct(private PartOfTheDay $part = new PartOfTheDay())
    {
    }

    /**
     * Every time that can be read from this place on, shorter and longer ("10" and "10 to 3"); one that can be taken in
     * two ways ("quarter to 12 pm") twice.
     *
     * @return list<TimeReading>
     */
    public function at(Words $words, int $i): array
    {
        $type = $words->type($i);
        if (Words::NUMBER === $type && ':' === $words->at($i + 1) && !$words->is($i + 3, 'noon', 'midday', 'midnight')) {
            // the commonest by far: 1:50
            $clock = $this->digits($words, $i);

            return null === $clock ? [] : [$clock];
        }
        if (Words::NUMBER !== $type && Words::WORD !== $type && Words::FRACTION !== $type) {
            return [];
        }
        while ($words->is($i, 'at', 'about', 'exactly') && '' !== $words->at($i + 1)) {
            ++$i;
        }
        $named = $this->named($words, $i);
        if (null !== $named) {
            return [$named];
        }
        $found = $this->spoken($words, $i);
        $plain = match ($words->type($i)) {
            Words::NUMBER => $this->digits($words, $i),
            Words::WORD => $this->spelt($words, $i),
            default => null,
        };
        if (null !== $plain) {
            $found[] = $plain;
        }

        return $found;
    }

    /** Noon, midday, midnight, with or without a 12 or 12:00 before it. */
    private function named(Words $words, int $i): ?TimeReading
    {
        $j = $i;
        if ($words->is($i, '12', 'twelve')) {
            $j = match (true) {
                $words->is($i + 1, "o'clock", 'oclock') => $i + 2,
                $words->is($i + 1, ':', '.') && $words->is($i + 2, '00') => $i + 3,
                default => $i + 1,
            };
        }
        if (!$words->is($j, 'noon', 'midday', 'midnight')) {
            return null;
        }
        [$second, $next] = $this->andSeconds($words, $j + 1);

        return new TimeReading(StatedTime::of(TimeOfDay::of($words->is($j, 'midnight') ? 0 : 12, 0))->toTheSecond($second), $next);
    }

    /**
     * Half past 4, half 4, quarter to twelve, quarter of five, 23 minutes to nine, ten past midnight, twenty after six.
     *
     * @return list<TimeReading>
     */
    private function spoken(Words $words, int $i): array
    {
        $half = $this->britishHalf($words, $i);
        if (null !== $half) {
            return $this->said($words, $i, 30, false, $half);
        }
        $minutes = $this->minutesBefore($words, $i);
        if (null === $minutes) {
            return [];
        }
        [$minutes, $j] = $minutes;
        $to = $words->is($j, 'to', 'till', 'til', 'of');
        if (!$to && !$words->is($j, 'past', 'after')) {
            return [];
        }
        if ($minutes > 59 || $minutes < 1) {
            if ($words->is($j, 'past') && $minutes > 59) {
                $hour = NumberWords::orDigitsAt($words, $j + 1);
                $words->complain('minutes-past-59', \sprintf('After 59 minutes past comes the next o’clock, so there are no %d minutes past.', $minutes), $i, null === $hour ? '' : \sprintf('%d minutes past %d', max(1, $minutes % 60), $hour[0] % 12 + 1), null === $hour ? $j + 1 : $hour[1]);
            }

            return [];
        }

        return $this->said($words, $i, $minutes, $to, $j + 1);
    }

    /** The place of the hour in "half 4", which is half past four in Britain; null where it is something else. */
    private function britishHalf(Words $words, int $i): ?int
    {
        $hour = $words->is($i, 'half') ? NumberWords::orDigitsAt($words, $i + 1) : null;

        return null === $hour || $hour[0] < 1 || $hour[0] > 12 || null !== $words->unit($hour[1]) || $words->is($hour[1], '/', '-', ':', '.') ? null : $i + 1;
    }

    /**
     * The minutes that are said before "past" or "to".
     *
     * @return array{int, int}|null the minutes and the place after them
     */
    private function minutesBefore(Words $words, int $i): ?array
    {
        $j = $words->is($i, 'a') ? $i + 1 : $i;
        [$minutes, $j] = match (true) {
            $words->is($j, 'half', '½') => [30, $j + 1],
            $words->is($j, 'quarter', '¼') => [15, $j + 1],
            default => NumberWords::orDigitsAt($words, $i) ?? [0, 0],
        };
        if (0 === $j) {
            return null;
        }
        if ($words->is($j, '-') && $words->is($j + 1, 'past', 'to')) {
            // half-past
            return [$minutes, $j + 1];
        }
        if ($words->is($j, 'minute', 'minutes', 'min', 'mins')) {
            return [$minutes, $j + 1];
        }

        // without the word only fives are said so: "nine to five" is no time
        return 0 === $minutes % 5 || $words->is($j, 'past') ? [$minutes, $j] : null;
    }

    /**
     * So many minutes past or to the hour that stands here.
     *
     * @return list<TimeReading>
     */
    private function said(Words $words, int $from, int $minutes, bool $to, int $j): array
    {
        $move = $to ? -$minutes : $minutes;
        $anchor = $this->named($words, $j);
        if (null !== $anchor) {
            return [new TimeReading($anchor->time->moved($move), $anchor->next, spoken: true)];
        }
        $hour = NumberWords::orDigitsAt($words, $j);
        if (null === $hour || $hour[0] < 1 || $hour[0] > 12 || ($words->is($hour[1], ':', '.') && $words->touches($hour[1] - 1) && Words::NUMBER === $words->type($hour[1] + 1))
            || null !== $words->unit($hour[1]) || Words::FRACTION === $words->type($hour[1])) {
            return [];
        }
        [$named, $next] = $hour;
        if ($words->is($next, "o'clock", 'oclock')) {
            ++$next;
        }
        [$second, $next] = $this->andSeconds($words, $next);
        $open = StatedTime::open($named, 0)->moved($move)->toTheSecond($second);
        if ($to && 12 === $named && Words::HALF === $words->type($next)) {
            // a.m. or p.m. of the 12, or of the time: both are written so
            return array_map(static fn (HalfOfDay $half): TimeReading => new TimeReading($open->in($half), $next + 1, spoken: true), HalfOfDay::cases());
        }
        $said = $this->part->after($words, $next, $named, 0, $from, $to);
        if (null !== $said) {
            return [new TimeReading($said->time->moved($move)->toTheSecond($second), $said->next, spoken: true)];
        }

        return [new TimeReading($open, $next, spoken: true)];
    }

    /** 1:50, 1.50 pm, 1350, 8 pm, 8 o'clock, 8. */
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
            return $this->withMinutes($words, $i, $dot);
        }
        if ($words->is($i + 1, "o'clock", 'oclock')) {
            [$second, $next] = $this->andSeconds($words, $i + 2);

            return $this->clock($words, $i, $next, (string) $hour, 0)?->toTheSecond($second);
        }
        $withHalf = $this->part->after($words, $i + 1, $hour, 0, $i);
        if (null !== $withHalf) {
            return $withHalf;
        }
        if (Words::HALF === $words->type($i + 1) || $hour > 23 || null !== $words->unit($i + 1)) {
            return null;
        }
        $stated = $hour >= 1 && $hour <= 12 ? StatedTime::open($hour, 0) : StatedTime::of(TimeOfDay::of($hour, 0), ClockForm::TwentyFour);

        return new TimeReading($stated, $i + 1, true);
    }

    /** 1:50, 1.50: the hour stands here, two digits of minutes after it. */
    private function withMinutes(Words $words, int $i, bool $dot): ?TimeReading
    {
        $text = $words->at($i);
        $minutes = $words->at($i + 2);
        $next = $i + 3;
        if ($dot && \strlen($minutes) > 2) {
            return null;
        }
        if ($dot && null !== $words->unit($next)) {
            // 16.15 hrs is a time; 2.30 hrs and 1.5 h are lengths
            if (2 !== \strlen($text) || 2 !== \strlen($minutes) || (int) $text > 23 || (int) $minutes > 59 || !UnitWords::saysHours($words->at($next))) {
                return null;
            }

            return new TimeReading(StatedTime::of(TimeOfDay::of((int) $text, (int) $minutes), ClockForm::TwentyFour), $next + 1);
        }
        if (2 !== \strlen($minutes)) {
            if (!$dot) {
                $words->complain('two-digits', 'Minutes are always written with two digits.', $i + 2, \sprintf('%02d', min(59, (int) $minutes)));
            }

            return null;
        }
        // 11:20:35, and 11.20.35 where a full stop stands between the hour and the minutes, too
        $point = $dot && $words->is($next, '.') && $words->touches($next - 1) && $words->touches($next);
        if ((!$words->is($next, ':') && !$point) || null === $words->number($next + 1)) {
            return $this->clock($words, $i, $next, $text, (int) $minutes);
        }
        $second = $words->at($next + 1);
        if (2 !== \strlen($second)) {
            $words->complain('two-digits', 'Seconds are always written with two digits.', $next + 1, \sprintf('%02d', min(59, (int) $second)));

            return null;
        }
        try {
            return $this->clock($words, $i, $next + 2, $text, (int) $minutes)?->toTheSecond((int) $second);
        } catch (NoSuchTime $none) {
            $words->complain($none->reason, $none->getMessage(), $next + 1, '59');

            return null;
        }
    }

    /** 1350, 0730, 345 pm, 1400 hours. */
    private function compact(Words $words, int $i): ?TimeReading
    {
        $text = $words->at($i);
        $half = Words::HALF === $words->type($i + 1);
        if (3 === \strlen($text) && !$half) {
            return null;
        }
        if (null !== $words->unit($i + 1) && ($words->fourAreHours || !$words->isHourOfClock($i) || (int) $text > 2359 || (int) $text % 100 > 59)) {
            return null;
        }
        $hour = substr($text, 0, -2);
        $minute = (int) substr($text, -2);

        return $this->clock($words, $i, $i + 1, $half ? $hour : str_pad($hour, 2, '0', \STR_PAD_LEFT), $minute, !$half);
    }

    /** @return array{?int, int} the seconds said after a time, "and 25 seconds", and the place after them */
    private function andSeconds(Words $words, int $i): array
    {
        $number = $words->is($i, 'and') ? NumberWords::orDigitsAt($words, $i + 1) : null;

        return null !== $number && $number[0] < 60 && Unit::Second === $words->unit($number[1]) && !$words->is($number[1] + 1, 'later', 'earlier', 'after', 'before', 'ago') ? [$number[0], $number[1] + 1] : [null, $i];
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
        if (null !== $minute && $minute[0] < 60 && ($minute[0] >= 10 || 1 === $oh) && null === $words->unit($minute[1])) {
            return $this->clock($words, $i, $minute[1], (string) $named, $minute[0]);
        }

        return $this->part->after($words, $next, $named, 0, $i)
            ?? (null === $words->unit($next) ? new TimeReading(StatedTime::open($named, 0), $next, true) : null);
    }

    /** Digits of a clock, with what follows: a half of the day, "hours", or nothing. */
    private function clock(Words $words, int $i, int $next, string $hourText, int $minute, bool $surely24 = false): ?TimeReading
    {
        $hour = (int) $hourText;
        $withHalf = $this->part->after($words, $next, $hour, $minute, $i);
        if (null !== $withHalf) {
            return $withHalf;
        }
        if (Words::HALF === $words->type($next) || $this->part->stands($words, $next)) {
            return null;
        }
        // 20:05 hours, 14:30h
        $hours = UnitWords::saysHours($words->at($next)) || ($words->is($next, 'h') && Words::NUMBER !== $words->type($next + 1));
        if ($hours) {
            ++$next;
        }
        try {
            $time = TimeOfDay::of($hour, $minute);
        } catch (NoSuchTime $none) {
            $words->complain($none->reason, $none->getMessage(), $i, $none->example, $next);

            return null;
        }
        $is24 = $surely24 || $hours || $hour > 12 || 0 === $hour || '0' === $hourText[0];

        return new TimeReading($is24 ? StatedTime::of($time, ClockForm::TwentyFour) : StatedTime::open($hour, $minute), $next);
    }
}
