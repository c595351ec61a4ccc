<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Time\Unit;

/** How long it is from one time to another, to the second: 11:20:35 a.m. to 11:22:05 a.m. An end at or before the start is on the next day. */
final readonly class SecondElapsed implements Sum
{
    use UsualSum;

    private function __construct(public StatedTime $start, public StatedTime $end)
    {
    }

    public static function of(StatedTime $start, StatedTime $end): self
    {
        return new self(
            null === $start->second ? $start->toTheSecond(0) : $start,
            null === $end->second ? $end->toTheSecond(0) : $end,
        );
    }

    public function kind(): Kind
    {
        return Kind::Elapsed;
    }

    /** Seconds from start to end, 1 to 86400, where both halves of the day are said. */
    public function seconds(): int
    {
        $seconds = $this->end->inSeconds() - $this->start->inSeconds();

        return $seconds > 0 ? $seconds : $seconds + 60 * TimeOfDay::DAY;
    }

    public function overMidnight(): bool
    {
        return $this->end->inSeconds() <= $this->start->inSeconds();
    }

    /** @throws CannotBeDone when it depends on a half of the day that is not said */
    public function answer(): LengthAnswer
    {
        if (!$this->start->halfSaid || !$this->end->halfSaid) {
            throw CannotBeDone::halfOfTheDayMatters();
        }

        return new LengthAnswer(Amount::usual(Duration::ofSeconds($this->seconds()), Unit::Hour));
    }

    public function times(): array
    {
        return [$this->start, $this->end];
    }

    public function withTimes(StatedTime ...$times): static
    {
        return self::of($times[0] ?? $this->start, $times[1] ?? $this->end);
    }

    public function asks(): Unknown
    {
        return Unknown::Length;
    }

    public function way(): ?Way
    {
        if (!$this->start->halfSaid || !$this->end->halfSaid) {
            return null;
        }

        return Way::between($this->start, $this->end, (int) floor(($this->start->inSeconds() + $this->seconds()) / 60) - $this->start->minutes);
    }

    public function regroups(): bool
    {
        return ($this->end->second ?? 0) < ($this->start->second ?? 0) || $this->end->minutes % 60 < $this->start->minutes % 60;
    }

    public function readings(): array
    {
        $readings = [];
        foreach (Elapsed::of($this->start->toTheSecond(null), $this->end->toTheSecond(null))->readings() as $reading) {
            [$start, $end] = $reading->sum->times();
            $readings[] = new Reading($reading->assumes, new self($start->toTheSecond($this->start->second), $end->toTheSecond($this->end->second)));
        }

        return $readings;
    }
}
