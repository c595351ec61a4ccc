<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Time\Weekday;

/** The days of the week on which something runs. */
final readonly class Weekdays
{
    /** From Monday, as ISO 8601 numbers them from 1. */
    public const NAMES = Weekday::NAMES;

    private const WORDS = ['daily' => [1, 2, 3, 4, 5, 6, 7], 'every day' => [1, 2, 3, 4, 5, 6, 7], 'weekdays' => [1, 2, 3, 4, 5], 'school days' => [1, 2, 3, 4, 5], 'weekend' => [6, 7], 'weekends' => [6, 7]];

    /** @param non-empty-list<int> $days 1 for Monday to 7 for Sunday, in order, each once */
    private function __construct(public array $days)
    {
    }

    /** @throws \InvalidArgumentException when it is no day, or none */
    public static function of(int ...$days): self
    {
        $days = array_values(array_unique($days));
        sort($days);
        if ([] === $days || $days[0] < 1 || max($days) > 7) {
            throw new \InvalidArgumentException('Days of the week are numbered from 1, Monday, to 7, Sunday.');
        }

        return new self($days);
    }

    public static function all(): self
    {
        return new self([1, 2, 3, 4, 5, 6, 7]);
    }

    public function has(int $day): bool
    {
        return \in_array($day, $this->days, true);
    }

    public function isDaily(): bool
    {
        return 7 === \count($this->days);
    }

    /** "Daily", "Mon–Fri", "Sat", "Tue, Thu", as it stands in the head of a table. */
    public function said(): string
    {
        if ($this->isDaily()) {
            return 'Daily';
        }
        $said = [];
        $short = static fn (int $day): string => substr(self::NAMES[$day] ?? '', 0, 3);
        for ($i = 0; $i < \count($this->days); $i = $end + 1) {
            $end = $i;
            while (($this->days[$end + 1] ?? 0) === $this->days[$end] + 1) {
                ++$end;
            }
            $said[] = $short($this->days[$i]).(0 === $end - $i ? '' : (1 === $end - $i ? ', ' : '–').$short($this->days[$end]));
        }

        return implode(', ', $said);
    }

    /** "Mon-Fri", "Saturdays", "daily", "Mo, We"; null where it is none. */
    public static function read(string $text): ?self
    {
        $text = strtolower(trim(str_replace(['–', '—'], '-', $text)));
        if (isset(self::WORDS[$text])) {
            return new self(self::WORDS[$text]);
        }
        $days = [];
        foreach (preg_split('/\s*(?:,|;|&|\+|\band\b|\/)\s*/', $text) ?: [] as $piece) {
            $ends = array_map(self::number(...), preg_split('/\s*(?:-|\bto\b)\s*/', $piece) ?: []);
            if (\count($ends) > 2 || \in_array(null, $ends, true) || [] === $ends) {
                return null;
            }
            [$from, $to] = [$ends[0], $ends[1] ?? $ends[0]];
            for ($day = $from;; $day = $day % 7 + 1) {
                $days[] = $day;
                if ($day === $to) {
                    break;
                }
            }
        }

        return self::of(...$days);
    }

    private static function number(string $word): ?int
    {
        $word = trim($word, " .\t");
        if (\strlen($word) < 2) {
            return null;
        }
        foreach (self::NAMES as $number => $name) {
            $name = strtolower($name);
            if ($word === $name || $word === $name.'s' || $word === substr($name, 0, \strlen($word)) || $word === substr($name, 0, 3).'s') {
                return $number;
            }
        }

        return null;
    }
}
