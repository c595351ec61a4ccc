<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Skill\Dice;
use Rostik\Core\Time\TimeOfDay;

/**
 * High tides of some days, and when they leave the causeway of the island open: from 3 h 10 min after a high tide to
 * 2 h 50 min before the next. Made up, and no more than a sum: real crossings go by the local safe-crossing times.
 */
final readonly class TideTable
{
    public const CAUTION = 'These tides are made up. At a real causeway go by the safe crossing times that are put up there, never by a sum.';

    /** Minutes after a high tide until one may cross. */
    public const OPENS = 190;

    /** Minutes before a high tide from which one may not cross any more. */
    public const CLOSES = 170;

    /** On average, in minutes: 12 h 25 min. */
    private const APART = 745;

    /** @param non-empty-list<int> $tides minutes since the midnight with which the first day begins, in order */
    private function __construct(public int $days, public array $tides)
    {
    }

    /**
     * @param list<int> $tides
     *
     * @throws \InvalidArgumentException when they leave nothing open between them, or are no tides of those days
     */
    public static function of(int $days, array $tides): self
    {
        foreach ($tides as $i => $tide) {
            $last = $tides[$i - 1] ?? null;
            if ($tide < 0 || $tide >= $days * TimeOfDay::DAY || (null !== $last && $tide - $last <= self::OPENS + self::CLOSES)) {
                throw new \InvalidArgumentException('High tides are about half a day apart.');
            }
        }

        return [] === $tides ? throw new \InvalidArgumentException('A tide table has a tide.') : new self($days, array_values($tides));
    }

    /** @param int $step 5 for fives only */
    public static function draw(int $days, int $step, Dice $dice): self
    {
        $tides = [];
        for ($tide = $dice->number(0, 700, $step); $tide < $days * TimeOfDay::DAY; $tide += $dice->number(self::APART - 10, self::APART + 10, $step)) {
            $tides[] = $tide;
        }

        return self::of($days, $tides);
    }

    /** @return list<OpenWindow> when the causeway is open between two of its tides */
    public function windows(): array
    {
        $windows = [];
        foreach ($this->tides as $i => $tide) {
            $next = $this->tides[$i + 1] ?? null;
            if (null !== $next) {
                $windows[] = new OpenWindow($tide, $next, $tide + self::OPENS, $next - self::CLOSES);
            }
        }

        return $windows;
    }

    /**
     * @return list<list<int>> the tides of each day, in minutes of that day
     */
    public function byDay(): array
    {
        $days = array_fill(0, $this->days, []);
        foreach ($this->tides as $tide) {
            $days[intdiv($tide, TimeOfDay::DAY)][] = $tide % TimeOfDay::DAY;
        }

        return array_values($days);
    }
}
