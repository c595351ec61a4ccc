<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;

/** Several lengths on from a time, or back from it, one after the other: 9:10 a.m. + 25 min + 40 min. */
final readonly class ClockChain implements InSteps
{
    use UsualSum;

    /** The longest chain whose steps can still be drawn. */
    public const MOST = 8;

    /** @param non-empty-list<Part> $parts two or more */
    private function __construct(public StatedTime $start, public array $parts)
    {
    }

    /**
     * @throws CannotBeDone when a length is in months, or not in whole minutes, or there are more than {@see MOST}
     */
    public static function of(StatedTime $start, Part $first, Part $second, Part ...$more): self
    {
        $parts = [$first, $second, ...array_values($more)];
        if (\count($parts) > self::MOST) {
            throw CannotBeDone::tooLongAChain();
        }
        foreach ($parts as $part) {
            Later::of($start, $part->length);
        }

        return new self($start, $parts);
    }

    public function kind(): Kind
    {
        return Kind::Chain;
    }

    public function answered(): Answered
    {
        return Answered::Time;
    }

    public function answer(): TimeAnswer
    {
        $minutes = $this->minutes();

        return new TimeAnswer($this->start->moved($minutes), $this->start->daysMoved($minutes));
    }

    /** All of it together, in minutes; below 0 where more goes back than on. */
    public function minutes(): int
    {
        return array_sum(array_map(static fn (Part $part): int => $part->minutes(), $this->parts));
    }

    public function times(): array
    {
        return [$this->start];
    }

    public function withTimes(StatedTime ...$times): static
    {
        return new self($times[0] ?? $this->start, $this->parts);
    }

    public function lengths(): array
    {
        return array_map(static fn (Part $part): Amount => $part->length, $this->parts);
    }

    public function asks(): Unknown
    {
        return Unknown::End;
    }

    /** From the time with which it begins to the one with which it ends, whatever lies between. */
    public function way(): Way
    {
        return Way::from($this->start, $this->minutes());
    }

    public function regroups(): bool
    {
        $before = [];
        foreach (array_keys($this->parts) as $i) {
            $step = $this->step($i, ...$before);
            if ($step->regroups()) {
                return true;
            }
            $before[] = $step->answer();
        }

        return false;
    }

    public function signs(): array
    {
        return array_map(static fn (Part $part): int => $part->direction, $this->parts);
    }

    public function steps(): int
    {
        return \count($this->parts);
    }

    public function step(int $i, Answer ...$before): ClockMove
    {
        $from = [] === $before ? null : $before[array_key_last($before)];
        $start = match (true) {
            null === $from => $this->start,
            $from instanceof TimeAnswer => $from->time,
            default => throw new \LogicException('A step on the clock begins with a time.'),
        };
        $part = $this->parts[$i] ?? throw new \OutOfRangeException('There is no such step.');

        return $part->direction > 0 ? Later::of($start, $part->length) : Earlier::of($start, $part->length);
    }
}
