<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TooLong;
use Rostik\Core\Time\Unit;

/**
 * Sums done in turn, a later one with the answer of an earlier one in it: 8:40 a.m. to 11:15 a.m.; 2 h 35 min + 40 min. The
 * last of them gives the answer. So a problem of several steps is kept.
 */
final readonly class InTurn implements InSteps
{
    use UsualSum;

    /** The most sums that are done in turn. */
    public const MOST = 6;

    /**
     * @param non-empty-list<Sum>            $sums  two or more
     * @param array<int, array<string, int>> $links by sum: which earlier sum's answer stands in a place, such as "time 0" or "length 1"
     */
    private function __construct(public array $sums, private array $links)
    {
    }

    /**
     * @throws \InvalidArgumentException when an answer is not used by a later sum, or there are more than {@see MOST}
     * @throws CannotBeDone              when one of them has no answer
     */
    public static function of(Sum $first, Sum $second, Sum ...$more): self
    {
        $sums = [$first, $second, ...array_values($more)];
        if (\count($sums) > self::MOST) {
            throw new \InvalidArgumentException('So many sums are not done in turn.');
        }
        $links = [];
        $used = [];
        $answers = [];
        foreach ($sums as $i => $sum) {
            $taken = [];
            // the answer found last is the one gone on with
            foreach (array_reverse($answers, true) as $j => $answer) {
                foreach (isset($used[$j]) ? [] : self::places($sum) as $place => $given) {
                    if (!isset($taken[$place]) && self::isSaid($answer, $given)) {
                        $taken[$place] = $j;
                        $used[$j] = true;
                        break;
                    }
                }
            }
            $links[$i] = $taken;
            $answers[$i] = $sum->answer();
        }
        if (\count($used) < \count($sums) - 1) {
            throw new \InvalidArgumentException('Each answer but the last is gone on with.');
        }

        return new self($sums, $links);
    }

    public function kind(): Kind
    {
        return Kind::Chain;
    }

    public function answered(): Answered
    {
        return $this->last()->answered();
    }

    public function answer(): Answer
    {
        return $this->last()->answer();
    }

    /** @return list<StatedTime> those that are given, not those found on the way */
    public function times(): array
    {
        $times = [];
        foreach ($this->sums as $i => $sum) {
            foreach ($sum->times() as $n => $time) {
                if (!isset($this->links[$i]['time '.$n])) {
                    $times[] = $time;
                }
            }
        }

        return $times;
    }

    public function withTimes(StatedTime ...$times): static
    {
        $times = array_values($times);
        $sums = [];
        $answers = [];
        foreach ($this->sums as $i => $sum) {
            $own = [];
            foreach ($sum->times() as $n => $time) {
                $own[] = isset($this->links[$i]['time '.$n]) ? $time : (array_shift($times) ?? $time);
            }
            $sums[] = $sum = $this->linked($i, $sum->withTimes(...$own), $answers);
            $answers[] = $sum->answer();
        }

        return new self($sums, $this->links);
    }

    /** @return list<Amount> those that are given, not those found on the way */
    public function lengths(): array
    {
        $lengths = [];
        foreach ($this->sums as $i => $sum) {
            foreach ($sum->lengths() as $n => $length) {
                if (!isset($this->links[$i]['length '.$n])) {
                    $lengths[] = $length;
                }
            }
        }

        return $lengths;
    }

    public function unitsSaid(): array
    {
        return Unit::largestFirst(...array_merge(...array_map(static fn (Sum $sum): array => $sum->unitsSaid(), $this->sums)));
    }

    /**
     * Whether what stands in a place of one of the sums was found by an earlier one.
     *
     * @param int    $i     from 0
     * @param string $place "time 0", "length 1"
     */
    public function isFound(int $i, string $place): bool
    {
        return isset($this->links[$i][$place]);
    }

    /** Along the clock, where all of them lead from one time to another, each beginning where the last one ended. */
    public function way(): ?Way
    {
        $minutes = 0;
        foreach ($this->sums as $i => $sum) {
            $way = $sum->way();
            if (null === $way || ($i > 0 && !isset($this->links[$i]['time 0']))) {
                return null;
            }
            $minutes += $way->minutes;
        }
        $first = $this->sums[0]->way();

        return null === $first ? null : Way::from($first->start, $minutes);
    }

    public function regroups(): bool
    {
        return [] !== array_filter($this->sums, static fn (Sum $sum): bool => $sum->regroups());
    }

    public function leavesOpen(): ?LeftOpen
    {
        foreach ($this->sums as $sum) {
            if (null !== $open = $sum->leavesOpen()) {
                return $open;
            }
        }

        return null;
    }

    public function steps(): int
    {
        return \count($this->sums);
    }

    public function signs(): array
    {
        return array_map(static fn (Sum $sum): int => \in_array($sum->kind(), [Kind::Total, Kind::Product, Kind::Later], true) ? 1 : -1, $this->sums);
    }

    public function step(int $i, Answer ...$before): Sum
    {
        $sum = $this->sums[$i] ?? throw new \OutOfRangeException('There is no such step.');

        return $this->linked($i, $sum, array_values($before));
    }

    private function last(): Sum
    {
        return $this->sums[\count($this->sums) - 1];
    }

    /**
     * @param list<Answer> $answers of the sums before
     *
     * @throws CannotBeDone
     * @throws TooLong
     */
    private function linked(int $i, Sum $sum, array $answers): Sum
    {
        $times = $sum->times();
        $lengths = $sum->lengths();
        foreach ($this->links[$i] ?? [] as $place => $j) {
            [$what, $n] = explode(' ', $place);
            $answer = $answers[$j] ?? null;
            if ('time' === $what && $answer instanceof TimeAnswer) {
                $times[(int) $n] = $answer->time;
            }
            if ('length' === $what && $answer instanceof LengthAnswer) {
                $lengths[(int) $n] = $answer->amount;
            }
        }

        return $sum->withTimes(...array_values($times))->withLengths(...array_values($lengths));
    }

    /** @return array<string, StatedTime|Amount> what is given in a sum, by its place: "time 0", "length 1" */
    public static function places(Sum $sum): array
    {
        $places = [];
        foreach ($sum->times() as $n => $time) {
            $places['time '.$n] = $time;
        }
        foreach ($sum->lengths() as $n => $length) {
            $places['length '.$n] = $length;
        }

        return $places;
    }

    private static function isSaid(Answer $answer, StatedTime|Amount $given): bool
    {
        return match (true) {
            $answer instanceof TimeAnswer && $given instanceof StatedTime => $answer->time->key() === $given->key(),
            $answer instanceof LengthAnswer && $given instanceof Amount => $answer->amount->duration->chain === $given->duration->chain && $answer->amount->duration->count === $given->duration->count,
            default => false,
        };
    }
}
