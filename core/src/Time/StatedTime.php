<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/**
 * A time of day as somebody stated it: by which clock, whether a.m. or p.m. was said, and whether to the second.
 * Where the half was not said it stands for two times of the day, twelve hours apart.
 */
final readonly class StatedTime
{
    /**
     * @param int  $minutes since midnight, 0 to 1439; 0 to 719 where the half was not said
     * @param ?int $second  0 to 59; null where only whole minutes are stated
     */
    private function __construct(
        public int $minutes,
        public bool $halfSaid,
        public ClockForm $form,
        public ?int $second = null,
    ) {
    }

    public static function of(TimeOfDay $time, ClockForm $form = ClockForm::Twelve): self
    {
        return new self($time->minutes, true, $form);
    }

    /**
     * A reading of a 12-hour clock, half of the day not said.
     *
     * @param int $hour12 1 to 12
     * @param int $minute 0 to 59
     *
     * @throws NoSuchTime
     */
    public static function open(int $hour12, int $minute): self
    {
        return new self(TimeOfDay::of12($hour12, $minute, HalfOfDay::Am)->minutes, false, ClockForm::Twelve);
    }

    /**
     * The same stated to the second.
     *
     * @param ?int $second 0 to 59; null for whole minutes
     *
     * @throws NoSuchTime
     */
    public function toTheSecond(?int $second): self
    {
        if (null !== $second && ($second < 0 || $second > 59)) {
            throw NoSuchTime::second($second);
        }

        return new self($this->minutes, $this->halfSaid, $this->form, $second);
    }

    /** Seconds since midnight, 0 to 86399; since 12 where the half was not said. */
    public function inSeconds(): int
    {
        return 60 * $this->minutes + ($this->second ?? 0);
    }

    public function time(): TimeOfDay
    {
        return TimeOfDay::ofMinutes($this->minutes);
    }

    /** The same reading with its half of the day said. */
    public function in(HalfOfDay $half): self
    {
        return new self($this->minutes % 720 + (HalfOfDay::Pm === $half ? 720 : 0), true, ClockForm::Twelve, $this->second);
    }

    /** The same digits taken as a 24-hour time: 10:30, half not said, as 10:30 in the morning. */
    public function as24(): self
    {
        if ($this->halfSaid) {
            return ClockForm::TwentyFour === $this->form ? $this : new self($this->minutes, true, ClockForm::TwentyFour, $this->second);
        }
        $minutes = $this->minutes < 60 ? $this->minutes + 720 : $this->minutes;

        return new self($minutes, true, ClockForm::TwentyFour, $this->second);
    }

    /** Minutes after which the same reading comes round again: a day, or half a day where the half was not said. */
    public function turn(): int
    {
        return $this->halfSaid ? TimeOfDay::DAY : 720;
    }

    /**
     * The time so many minutes on, stated in the same form.
     *
     * @param int $minutes any whole number; negative goes back
     */
    public function moved(int $minutes): self
    {
        $turn = $this->turn();
        $to = ($this->minutes + $minutes) % $turn;

        return new self($to < 0 ? $to + $turn : $to, $this->halfSaid, $this->form, $this->second);
    }

    /**
     * The time so many seconds on, stated in the same form and to the second.
     *
     * @param int $seconds any whole number; negative goes back
     */
    public function movedSeconds(int $seconds): self
    {
        $to = $this->inSeconds() + $seconds;
        $minutes = (int) floor($to / 60);

        return $this->moved($minutes - $this->minutes)->toTheSecond($to - 60 * $minutes);
    }

    /**
     * How many midnights lie between this time and the one so many minutes on: 1 is the next day, -1 the day before;
     * always 0 where the half was not said.
     */
    public function daysMoved(int $minutes): int
    {
        return $this->halfSaid ? (int) floor(($this->minutes + $minutes) / TimeOfDay::DAY) : 0;
    }

    /** HH:MM, or HH:MM:SS, by the 24-hour clock; the reading of the 12-hour clock, 01:00 to 12:59, where the half was not said. */
    public function digits(): string
    {
        $hour = $this->halfSaid ? intdiv($this->minutes, 60) : $this->time()->hour12();

        return \sprintf(null === $this->second ? '%02d:%02d' : '%02d:%02d:%02d', $hour, $this->minutes % 60, $this->second ?? 0);
    }

    /** A number of its own for every reading, form and half of the day said or not. */
    public function key(): int
    {
        return $this->minutes * 4 + (ClockForm::Twelve === $this->form ? 0 : 2) + ($this->halfSaid ? 1 : 0) + (null === $this->second ? 0 : 8192 * ($this->second + 1));
    }

    public function equals(self $other): bool
    {
        return $this->inSeconds() === $other->inSeconds() && $this->halfSaid === $other->halfSaid;
    }
}
