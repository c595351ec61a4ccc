<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Notation\Style;

/** Several times of day, one after the other, as written. */
final readonly class GivenTimes implements Given
{
    /** @param list<GivenTime> $times */
    public function __construct(public array $times)
    {
    }

    public function text(): string
    {
        return implode(', ', array_map(static fn (GivenTime $t): string => $t->text(), $this->times));
    }

    public function shown(Style $style): string
    {
        return implode(', ', array_map(static fn (GivenTime $t): string => $t->shown($style), $this->times));
    }

    public function says(Given $other): bool
    {
        if (!$other instanceof self || \count($other->times) !== \count($this->times)) {
            return false;
        }
        foreach ($this->times as $i => $time) {
            if (!$time->says($other->times[$i])) {
                return false;
            }
        }

        return true;
    }
}
