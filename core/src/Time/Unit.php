<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/**
 * A unit of time. The tenth of a second is what a stopwatch shows after its point; it is written with the seconds, 45.3 s.
 * Second, minute, hour and day: SI Brochure, 9th edition, table 8.
 * Week of 7 days and year of 12 months: Gregorian calendar, as in ISO 8601-1.
 */
enum Unit: string
{
    case Tenth = 'tenth';
    case Second = 's';
    case Minute = 'min';
    case Hour = 'h';
    case Day = 'day';
    case Week = 'week';
    case Month = 'month';
    case Year = 'year';

    public function chain(): Chain
    {
        return match ($this) {
            self::Month, self::Year => Chain::Calendar,
            default => Chain::Clock,
        };
    }

    /** How much it is in the smallest unit of its chain: tenths of a second, or months. */
    public function size(): int
    {
        return match ($this) {
            self::Tenth, self::Month => 1,
            self::Second => 10,
            self::Minute => 600,
            self::Hour => 36_000,
            self::Day => 864_000,
            self::Week => 6_048_000,
            self::Year => 12,
        };
    }

    /** How many of it make one of the next larger unit of its chain; 0 where there is none. */
    public function perLarger(): int
    {
        $larger = $this->larger();

        return null === $larger ? 0 : intdiv($larger->size(), $this->size());
    }

    public function larger(): ?self
    {
        return match ($this) {
            self::Tenth => self::Second,
            self::Second => self::Minute,
            self::Minute => self::Hour,
            self::Hour => self::Day,
            self::Day => self::Week,
            self::Month => self::Year,
            self::Week, self::Year => null,
        };
    }

    public function smaller(): ?self
    {
        return match ($this) {
            self::Second => self::Tenth,
            self::Minute => self::Second,
            self::Hour => self::Minute,
            self::Day => self::Hour,
            self::Week => self::Day,
            self::Year => self::Month,
            self::Tenth, self::Month => null,
        };
    }

    /** The unit as written after a number: "h", "min", "s", but "1 day" and "2 days". */
    public function after(int|string $number): string
    {
        return match ($this) {
            self::Second, self::Minute, self::Hour => $this->value,
            default => '1' === (string) $number ? $this->value : $this->value.'s',
        };
    }

    /** The unit in a sentence, in the plural: "hours", "minutes". */
    public function words(): string
    {
        return match ($this) {
            self::Tenth => 'tenths',
            self::Second => 'seconds',
            self::Minute => 'minutes',
            self::Hour => 'hours',
            self::Day => 'days',
            self::Week => 'weeks',
            self::Month => 'months',
            self::Year => 'years',
        };
    }

    /** The unit in a sentence, in the singular: "hour", "minute". */
    public function word(): string
    {
        return substr($this->words(), 0, -1);
    }

    /** One of it in a sentence: "an hour", "a minute". */
    public function one(): string
    {
        return (self::Hour === $this ? 'an ' : 'a ').$this->word();
    }

    /** @return list<self> each once; months and years come after all that is measured in seconds */
    public static function largestFirst(self ...$units): array
    {
        $bySize = [];
        foreach ($units as $unit) {
            $bySize[$unit->size() + (Chain::Calendar === $unit->chain() ? 1_000_000_000 : 0)] = $unit;
        }
        krsort($bySize);

        return array_values($bySize);
    }
}
