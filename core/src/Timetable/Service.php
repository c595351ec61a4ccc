<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** One boat, bus or train of a table: when it calls at each stop. */
final readonly class Service
{
    /**
     * @param string      $name  at the head of its column; may be empty
     * @param list<?Call> $calls one for each stop of the table, null where it does not call; at two stops at least, never earlier than at the one before
     */
    private function __construct(public string $name, public Weekdays $days, public array $calls)
    {
    }

    /**
     * @param list<?Call> $calls
     *
     * @throws \InvalidArgumentException when it calls at fewer than two stops, or goes back in time
     */
    public static function of(string $name, Weekdays $days, array $calls): self
    {
        $last = null;
        $count = 0;
        foreach ($calls as $call) {
            if (null === $call) {
                continue;
            }
            if (null !== $last && $call->arrive < $last) {
                throw new \InvalidArgumentException('A service does not go back in time.');
            }
            $last = $call->leave;
            ++$count;
        }
        if ($count < 2) {
            throw new \InvalidArgumentException('A service calls at two stops at least.');
        }

        return new self($name, $days, array_values($calls));
    }

    /** The stop at which it begins, from 0. */
    public function first(): int
    {
        foreach ($this->calls as $stop => $call) {
            if (null !== $call) {
                return $stop;
            }
        }

        return 0;
    }

    /** The stop at which it ends, from 0. */
    public function last(): int
    {
        $last = 0;
        foreach ($this->calls as $stop => $call) {
            $last = null === $call ? $last : $stop;
        }

        return $last;
    }

    public function at(int $stop): ?Call
    {
        return $this->calls[$stop] ?? null;
    }

    /** When it leaves there to go on; null where it does not call, or ends. */
    public function leaves(int $stop): ?int
    {
        return $stop === $this->last() ? null : $this->at($stop)?->leave;
    }

    /** When it gets there; null where it does not call. */
    public function arrives(int $stop): ?int
    {
        return $this->at($stop)?->arrive;
    }

    /** Whether one can go with it from the one stop to the other. */
    public function links(int $from, int $to): bool
    {
        return $from < $to && null !== $this->at($from) && null !== $this->at($to);
    }

    /** Every call so many minutes later. */
    public function later(int $minutes): self
    {
        return new self($this->name, $this->days, array_map(static fn (?Call $call): ?Call => $call?->later($minutes), $this->calls));
    }

    /**
     * With some of the stops only; null where it calls at fewer than two of them.
     *
     * @param list<int> $stops from 0
     */
    public function only(array $stops): ?self
    {
        $calls = array_map(fn (int $stop): ?Call => $this->at($stop), $stops);

        return \count(array_filter($calls)) < 2 ? null : new self($this->name, $this->days, $calls);
    }
}
