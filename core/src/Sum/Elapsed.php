<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * How long it is from one time to another: 9:00 a.m. to 4:00 p.m. An end at or before the start is on the next day.
 */
final readonly class Elapsed implements Sum
{
    use UsualSum;

    private function __construct(public StatedTime $start, public StatedTime $end, private bool $nextDay)
    {
    }

    /**
     * @param bool $nextDay whether the end was said to be on the next day, which it is anyhow at or before the start
     *
     * @throws CannotBeDone when a time is stated to the second, for which there is {@see SecondElapsed}
     */
    public static function of(StatedTime $start, StatedTime $end, bool $nextDay = false): self
    {
        if (null !== $start->second || null !== $end->second) {
            throw CannotBeDone::notToTheSecond();
        }

        return new self($start, $end, $nextDay);
    }

    /** Whether it has to be said that the end is on the next day, since its time is after that of the start. */
    public function saysNextDay(): bool
    {
        return $this->nextDay && ($this->end->minutes > $this->start->minutes || !$this->start->halfSaid || !$this->end->halfSaid);
    }

    public function kind(): Kind
    {
        return Kind::Elapsed;
    }

    /** Minutes from start to end, 1 to 1440 (to 2879 with "next day" said), where both halves of the day are said. */
    public function minutes(): int
    {
        $minutes = $this->end->minutes - $this->start->minutes;

        return $minutes > 0 && !$this->nextDay ? $minutes : $minutes + TimeOfDay::DAY;
    }

    public function overMidnight(): bool
    {
        return $this->nextDay || $this->end->minutes <= $this->start->minutes;
    }

    public function answer(): LengthAnswer
    {
        if (!$this->start->halfSaid || !$this->end->halfSaid) {
            throw CannotBeDone::halfOfTheDayMatters();
        }

        return new LengthAnswer(Amount::minutes($this->minutes()));
    }

    public function regroups(): bool
    {
        return $this->end->minutes % 60 < $this->start->minutes % 60;
    }

    public function times(): array
    {
        return [$this->start, $this->end];
    }

    public function asks(): Unknown
    {
        return Unknown::Length;
    }

    public function way(): ?Way
    {
        return $this->start->halfSaid && $this->end->halfSaid ? Way::between($this->start, $this->end, $this->minutes()) : null;
    }

    public function withTimes(StatedTime ...$times): static
    {
        return new self($times[0] ?? $this->start, $times[1] ?? $this->end, $this->nextDay);
    }

    public function readings(): array
    {
        if ($this->start->halfSaid && $this->end->halfSaid) {
            return [];
        }
        if (!$this->start->halfSaid && !$this->end->halfSaid) {
            $start = $this->start->in(HalfOfDay::Am);
            // from the hour of 12 on it is noon that is meant most, and midnight may be
            $same = 12 === $start->time()->hour12()
                ? [
                    new Reading(Phrase::of('both after noon'), new self($this->start->in(HalfOfDay::Pm), $this->end->in(HalfOfDay::Pm), $this->nextDay)),
                    new Reading(Phrase::of('both after midnight'), new self($start, $this->end->in(HalfOfDay::Am), $this->nextDay)),
                ]
                : [new Reading(Phrase::of('both in the same half of the day'), new self($start, $this->end->in(HalfOfDay::Am), $this->nextDay))];
            $readings = [
                ...$same,
                new Reading(Phrase::of('one ', HalfOfDay::Am, ', the other ', HalfOfDay::Pm), new self($start, $this->end->in(HalfOfDay::Pm), $this->nextDay)),
            ];
        } else {
            $open = $this->start->halfSaid ? 'the end' : 'the start';
            $readings = [];
            foreach (HalfOfDay::cases() as $half) {
                $readings[] = new Reading(
                    Phrase::of('if '.$open.' is ', $half),
                    $this->start->halfSaid
                        ? new self($this->start, $this->end->in($half), $this->nextDay)
                        : new self($this->start->in($half), $this->end, $this->nextDay),
                );
            }
        }
        usort($readings, static fn (Reading $a, Reading $b): int => self::length($a) <=> self::length($b));

        return $readings;
    }

    private static function length(Reading $reading): int
    {
        return $reading->sum instanceof self ? $reading->sum->minutes() : 0;
    }
}
