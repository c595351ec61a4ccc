<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\StatedTime;

/** Several times of day, one after the other. */
final readonly class TimesAnswer implements Answer
{
    use UsualAnswer;

    /**
     * @param list<StatedTime> $times
     * @param list<int>        $days  after the first of them, by the same; none where all are on one day, or it is not known
     */
    public function __construct(public array $times, public array $days = [])
    {
    }

    /** HH:MM each, with a comma and a blank between them. */
    public function value(): string
    {
        return implode(', ', array_map(static fn (StatedTime $t): string => $t->digits(), $this->times));
    }

    public function said(): Phrase
    {
        if ([] === array_filter($this->days)) {
            return Phrase::of(...Phrase::listed(', ', ...$this->times));
        }
        $said = [];
        foreach ($this->times as $i => $time) {
            // the day is said where it changes
            $day = $this->days[$i] ?? 0;
            $before = $i > 0 ? $this->days[$i - 1] ?? 0 : 0;
            array_push($said, 0 === $i ? '' : ', ', $time, $day === $before ? '' : TimeAnswer::day($day));
        }

        return Phrase::of(...$said);
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->value() === $other->value();
    }
}
