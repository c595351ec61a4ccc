<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Skill\Dice;
use Rostik\Core\Time\TimeOfDay;

/**
 * High tides of some days, and when they leave the causeway of the island open: from 3 h 10 min after a high tide to
 * 2 h 50 min before the next. Made up, and no more than a sum: real crossings go by the local safe-crossing times.
 */
final readonly class TideTable implements AnyTable
{
    public const TITLE = 'High tides at the causeway';

    private const RULE = 'The causeway is open from 3 h 10 min after a high tide until 2 h 50 min before the next.';

    private const HEAD = 'Day,High tide,High tide';

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

    /** As {@see csv()} writes it; null for anything else. */
    public static function read(string $csv): ?self
    {
        $lines = preg_split('/\r?\n/', trim($csv)) ?: [];
        if (self::HEAD !== array_shift($lines)) {
            return null;
        }
        $tides = [];
        foreach ($lines as $day => $line) {
            foreach (\array_slice(explode(',', $line), 1) as $cell) {
                if (1 === preg_match('/^(\d\d):([0-5]\d)$/', $cell, $m)) {
                    $tides[] = $day * TimeOfDay::DAY + 60 * (int) $m[1] + (int) $m[2];
                }
            }
        }
        try {
            return self::of(\count($lines), $tides);
        } catch (\InvalidArgumentException) {
            return null;
        }
    }

    public function title(): string
    {
        return self::TITLE;
    }

    public function caution(): string
    {
        return self::RULE.' '.self::CAUTION;
    }

    public function csv(): string
    {
        $csv = self::HEAD."\r\n";
        foreach ($this->byDay() as $day => $high) {
            $cells = array_map(static fn (int $tide): string => With::clock($tide), $high);
            $csv .= \sprintf("Day %d,%s,%s\r\n", $day + 1, $cells[0] ?? '-', $cells[1] ?? '-');
        }

        return $csv;
    }

    public function later(int $minutes): self
    {
        return self::of($this->days, array_map(static fn (int $tide): int => $tide + $minutes, $this->tides));
    }

    public function moves(): array
    {
        return Moves::of($this->tides);
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
