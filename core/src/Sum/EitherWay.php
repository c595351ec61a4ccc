<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A line that can be taken for several sums: 20 to 8 a.m. is 7:40, and from 20:00 to 8:00. */
final readonly class EitherWay implements Sum
{
    use UsualSum;

    /**
     * @param string                  $text     the line, as it was typed
     * @param non-empty-list<Reading> $readings
     */
    private function __construct(public string $text, private array $readings)
    {
    }

    public static function of(string $text, Reading $first, Reading ...$more): self
    {
        return new self($text, [$first, ...array_values($more)]);
    }

    public function kind(): Kind
    {
        return $this->readings[0]->sum->kind();
    }

    public function answer(): Answer
    {
        throw CannotBeDone::severalWays();
    }

    public function answered(): Answered
    {
        return $this->readings[0]->sum->answered();
    }

    public function leavesOpen(): LeftOpen
    {
        return LeftOpen::WhichSum;
    }

    public function regroups(): bool
    {
        return false;
    }

    public function readings(): array
    {
        return $this->readings;
    }
}
