<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/**
 * A time of day in whole minutes, 00:00 to 23:59. Midnight is 00:00, noon 12:00
 * (12:00 a.m. is 00:00 and 12:00 p.m. is 12:00: Unicode CLDR).
 */
final readonly class TimeOfDay
{
    /** Minutes in a day: 24 h of 60 min. */
    public const DAY = 1440;

    /** @param int<0, 1439> $minutes minutes since midnight */
    private function __construct(public int $minutes)
    {
    }

    /**
     * @param int $hour   0 to 23
     * @param int $minute 0 to 59
     *
     * @throws NoSuchTime
     */
    public static function of(int $hour, int $minute): self
    {
        if ($hour < 0 || $hour > 23) {
            throw NoSuchTime::hour($hour, $minute);
        }
        if ($minute < 0 || $minute > 59) {
            throw NoSuchTime::minute($hour, $minute);
        }

        return new self($hour * 60 + $minute);
    }

    /** @param int $minutes minutes since some midnight; any whole number, wrapped to one day */
    public static function ofMinutes(int $minutes): self
    {
        $wrapped = $minutes % self::DAY;

        return new self($wrapped < 0 ? $wrapped + self::DAY : $wrapped);
    }

    /**
     * @param int $hour12 1 to 12
     * @param int $minute 0 to 59
     *
     * @throws NoSuchTime
     */
    public static function of12(int $hour12, int $minute, HalfOfDay $half): self
    {
        if ($hour12 < 1 || $hour12 > 12 || $minute > 59) {
            throw NoSuchTime::hour12($hour12, $minute, $half);
        }

        return self::of($hour12 % 12 + (HalfOfDay::Pm === $half ? 12 : 0), $minute);
    }

    /** 0 to 23. */
    public function hour(): int
    {
        return intdiv($this->minutes, 60);
    }

    /** 0 to 59. */
    public function minute(): int
    {
        return $this->minutes % 60;
    }

    /** The hour on a 12-hour clock, 1 to 12. */
    public function hour12(): int
    {
        return ($this->hour() + 11) % 12 + 1;
    }

    public function half(): HalfOfDay
    {
        return $this->minutes < 720 ? HalfOfDay::Am : HalfOfDay::Pm;
    }

    public function equals(self $other): bool
    {
        return $this->minutes === $other->minutes;
    }
}
