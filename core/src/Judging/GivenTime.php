<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Notation\SpokenTime;
use Rostik\Core\Notation\Style;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;

/** A time of day as written: an hour, minutes, and a.m. or p.m. where it was said; no clock need show it. */
final readonly class GivenTime implements Given
{
    /**
     * @param int        $hour   as written: 13 in "13:50 p.m."
     * @param int        $minute as written: 75 in "5:75"
     * @param ?HalfOfDay $half   null where it was not said
     * @param bool       $by24   whether it is written by the 24-hour clock
     * @param bool       $words  whether it is said in words
     * @param bool       $either whether the other half of the day would be the same mistake
     * @param ?int       $second as written; null where there is none
     */
    private function __construct(
        public int $hour,
        public int $minute,
        public ?HalfOfDay $half,
        public bool $by24,
        public bool $words,
        private bool $either = false,
        public ?int $second = null,
    ) {
    }

    /** @param ?int $second as written, whether a clock shows it or not; null for none */
    public function withSecond(?int $second): self
    {
        return new self($this->hour, $this->minute, $this->half, $this->by24, $this->words, $this->either, $second);
    }

    public static function of12(int $hour, int $minute, ?HalfOfDay $half): self
    {
        return new self($hour, $minute, $half, false, false);
    }

    /** An hour past 12 with a.m. or p.m. kept beside it: from the morning on, either may stand there. */
    public static function pastTwelve(int $hour, int $minute, HalfOfDay $half): self
    {
        return new self($hour, $minute, $half, false, false, HalfOfDay::Am === $half);
    }

    public static function of24(int $hour, int $minute): self
    {
        return new self($hour, $minute, null, true, false);
    }

    public static function stated(StatedTime $time, bool $words = false): self
    {
        $of = $time->time();

        return ClockForm::TwentyFour === $time->form
            ? new self($of->hour(), $of->minute(), null, true, $words, second: $time->second)
            : new self($of->hour12(), $of->minute(), $time->halfSaid ? $of->half() : null, false, $words, second: $time->second);
    }

    /** Minutes since midnight, or since 12 where the half of the day is open; null for a time that no clock shows. */
    public function minutes(): ?int
    {
        if ($this->minute > 59 || ($this->second ?? 0) > 59) {
            return null;
        }
        if ($this->by24) {
            return $this->hour > 23 ? null : $this->hour * 60 + $this->minute;
        }
        if ($this->hour < 1 || $this->hour > 12) {
            return null;
        }

        return $this->hour % 12 * 60 + $this->minute + (HalfOfDay::Pm === $this->half ? 720 : 0);
    }

    /** Seconds since midnight, or since 12; null for a time that no clock shows. */
    public function inSeconds(): ?int
    {
        $minutes = $this->minutes();

        return null === $minutes ? null : 60 * $minutes + ($this->second ?? 0);
    }

    public function isOpen(): bool
    {
        return !$this->by24 && null === $this->half;
    }

    public function text(): string
    {
        return $this->shown(new Style(nameTwelve: false));
    }

    public function shown(Style $style): string
    {
        $minutes = $this->minutes();
        if ($this->words && null !== $minutes) {
            return (new SpokenTime($style->past->value))->of(StatedTime::open(intdiv($minutes + 660, 60) % 12 + 1, $minutes % 60)->toTheSecond($this->second));
        }
        if ($this->by24) {
            return \sprintf($style->leadingNought ? '%02d:%02d' : '%d:%02d', $this->hour, $this->minute).(null === $this->second ? '' : \sprintf(':%02d', $this->second));
        }
        if ($style->nameTwelve && null !== $this->half && 12 === $this->hour && 0 === $this->minute && null === $this->second) {
            return HalfOfDay::Am === $this->half ? '12 midnight' : '12 noon';
        }
        $digits = \sprintf('%d%s%02d', $this->hour, $style->separator->value, $this->minute).(null === $this->second ? '' : \sprintf('%s%02d', $style->separator->value, $this->second));

        return null === $this->half ? $digits : $digits.' '.$style->halves->of($this->half);
    }

    public function says(Given $other): bool
    {
        if (!$other instanceof self) {
            return false;
        }
        if (null !== $this->second && null !== $other->second && $this->second !== $other->second) {
            return false;
        }
        $a = $this->minutes();
        $b = $other->minutes();
        if (null === $a || null === $b) {
            return $this->hour === $other->hour && $this->minute === $other->minute
                && (null === $this->half || null === $other->half || $this->half === $other->half || $this->either || $other->either);
        }

        return $this->isOpen() || $other->isOpen() ? $a % 720 === $b % 720 : $a === $b;
    }
}
