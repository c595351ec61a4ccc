<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;

/**
 * A sum on the clock with a part to be found: _ + 45 min = 10:20 a.m. (the start), 9:35 a.m. + _ = 11:10 a.m. (the
 * length). It is answered by turning it round into a plain sum.
 */
final readonly class Missing implements Sum
{
    use UsualSum;

    private function __construct(
        public int $direction,
        public ?StatedTime $start,
        public ?Amount $length,
        public StatedTime $end,
    ) {
    }

    /**
     * _ + length = end, or _ - length = end.
     *
     * @param int $direction 1 for later, -1 for earlier
     *
     * @throws CannotBeDone when the length is in months, or not in whole minutes
     */
    public static function start(int $direction, Amount $length, StatedTime $end): self
    {
        Later::of($end, $length);

        return new self($direction, null, $length->wholeParts(), $end);
    }

    /**
     * start + _ = end, or start - _ = end.
     *
     * @param int $direction 1 for later, -1 for earlier
     */
    public static function length(int $direction, StatedTime $start, StatedTime $end): self
    {
        Elapsed::of($start, $end);

        return new self($direction, $start, null, $end);
    }

    public function kind(): Kind
    {
        return Kind::Missing;
    }

    /** The plain sum that answers it: back from the end, or how long it is from the one time to the other. */
    public function plain(): Earlier|Later|Elapsed
    {
        if (null !== $this->length) {
            return $this->direction > 0 ? Earlier::of($this->end, $this->length) : Later::of($this->end, $this->length);
        }
        $start = $this->start ?? $this->end;

        return $this->direction > 0 ? Elapsed::of($start, $this->end) : Elapsed::of($this->end, $start);
    }

    public function answered(): Answered
    {
        return $this->plain()->answered();
    }

    public function answer(): Answer
    {
        return $this->plain()->answer();
    }

    public function regroups(): bool
    {
        return $this->plain()->regroups();
    }

    public function times(): array
    {
        return null === $this->start ? [$this->end] : [$this->start, $this->end];
    }

    public function lengths(): array
    {
        return null === $this->length ? [] : [$this->length];
    }

    public function asks(): Unknown
    {
        return null === $this->start ? Unknown::Start : Unknown::Length;
    }

    public function withTimes(StatedTime ...$times): static
    {
        return null === $this->start
            ? new self($this->direction, null, $this->length, $times[0] ?? $this->end)
            : new self($this->direction, $times[0] ?? $this->start, null, $times[1] ?? $this->end);
    }

    public function readings(): array
    {
        $turned = $this->plain();
        $readings = [];
        foreach ($turned->readings() as $reading) {
            if ($reading->sum instanceof Elapsed) {
                $readings[] = new Reading($reading->assumes, $this->direction > 0
                    ? $this->withTimes($reading->sum->start, $reading->sum->end)
                    : $this->withTimes($reading->sum->end, $reading->sum->start));
            }
        }

        return $readings;
    }
}
