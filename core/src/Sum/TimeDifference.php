<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\StatedTime;

/**
 * One time of day taken from another, as it stands in columns: 15:00 minus 07:00. It is how long it is from the second
 * to the first; where that is the later of the two, over midnight.
 */
final readonly class TimeDifference implements Sum
{
    use UsualSum;

    private function __construct(public StatedTime $from, public StatedTime $take)
    {
    }

    /** @throws CannotBeDone when a time is stated to the second */
    public static function of(StatedTime $from, StatedTime $take): self
    {
        $difference = new self($from, $take);
        $difference->plain();

        return $difference;
    }

    public function kind(): Kind
    {
        return Kind::Elapsed;
    }

    public function plain(): Elapsed
    {
        return Elapsed::of($this->take, $this->from);
    }

    /** @throws CannotBeDone when it depends on a half of the day that is not said */
    public function answer(): LengthAnswer
    {
        return $this->plain()->answer();
    }

    public function regroups(): bool
    {
        return $this->plain()->regroups();
    }

    public function times(): array
    {
        return [$this->from, $this->take];
    }

    public function withTimes(StatedTime ...$times): static
    {
        return new self($times[0] ?? $this->from, $times[1] ?? $this->take);
    }

    public function asks(): Unknown
    {
        return Unknown::Length;
    }

    public function readings(): array
    {
        $readings = [];
        foreach ($this->plain()->readings() as $reading) {
            [$take, $from] = $reading->sum->times();
            $readings[] = new Reading($reading->assumes, new self($from, $take));
        }

        return $readings;
    }
}
