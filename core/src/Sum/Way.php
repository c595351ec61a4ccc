<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;

/** The way along the clock from the time with which a sum begins to the one with which it ends. */
final readonly class Way
{
    /** @param int $minutes from the start to the end, below 0 where it goes back */
    private function __construct(public StatedTime $start, public StatedTime $end, public int $minutes)
    {
    }

    /** @param int $minutes below 0 for going back */
    public static function from(StatedTime $start, int $minutes): self
    {
        return new self($start, $start->moved($minutes), $minutes);
    }

    /** @param int $minutes that it takes, 0 or more */
    public static function between(StatedTime $start, StatedTime $end, int $minutes): self
    {
        return new self($start, $end, $minutes);
    }

    /** In minutes since the midnight before the start: where it begins. */
    public function begins(): int
    {
        return $this->start->minutes;
    }

    /** In minutes since the midnight before the start, below 0 or beyond 1439 on another day: where it ends. */
    public function ends(): int
    {
        return $this->start->minutes + $this->minutes;
    }

    /** The earlier of the two, in the same minutes. */
    public function low(): int
    {
        return min($this->begins(), $this->ends());
    }

    /** The later of the two, in the same minutes. */
    public function high(): int
    {
        return max($this->begins(), $this->ends());
    }

    /** Whether the half of the day is said, so that the way has its place on the day. */
    public function halfSaid(): bool
    {
        return $this->start->halfSaid && $this->end->halfSaid;
    }

    public function by24(): bool
    {
        return ClockForm::TwentyFour === $this->start->form;
    }

    /** @return list<Crossing> what it passes, or just reaches going forward; the hour alone where the half of the day is not said */
    public function crosses(): array
    {
        $crossed = Crossing::between($this->low(), $this->high());

        return $this->halfSaid() ? $crossed : \array_slice($crossed, 0, 1);
    }
}
