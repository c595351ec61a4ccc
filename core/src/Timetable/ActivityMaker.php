<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;

/**
 * Activity tables for days of the island, from core/timetables/activities.txt.
 *
 * Support: the end is hidden in every row, fives only. Core: any of the three, single minutes. Stretch: besides, one row
 * depends on the one before. Common practice, no source.
 */
final class ActivityMaker
{
    public const MOST_ROWS = 8;

    private const FILE = __DIR__.'/../../timetables/activities.txt';

    /** @var ?array<string, ActivityDay> */
    private ?array $days = null;

    /** @return list<string> names of the days that there are tables of */
    public function days(): array
    {
        return array_keys($this->read());
    }

    /**
     * @param int     $rows 1 to {@see self::MOST_ROWS}; fewer where the day has no more
     * @param ?string $day  one of {@see days()}; null for any
     */
    public function make(Level $level, int $rows, int $seed, ?string $day = null): ActivityTable
    {
        $dice = new Dice($seed);
        $all = $this->read();
        $name = null !== $day && isset($all[$day]) ? $day : $dice->pick(array_keys($all));
        $chosen = $all[$name];
        $step = $level->step();
        $activities = $chosen->activities;
        // some are left out, the order stays
        while (\count($activities) > min($rows, self::MOST_ROWS)) {
            array_splice($activities, $dice->number(0, \count($activities) - 1), 1);
        }
        $now = $dice->number((int) ceil($chosen->from / $step) * $step, $chosen->until, $step);
        $depends = Level::Stretch === $level && \count($activities) > 1 ? $dice->number(1, \count($activities) - 1) : null;
        $made = [];
        foreach ($activities as $i => [$what, $least, $most]) {
            $minutes = $dice->number((int) ceil($least / $step) * $step, $most, $step);
            $after = $depends === $i ? $made[$i - 1] ?? null : null;
            $hidden = match (true) {
                Level::Support === $level, $depends === $i + 1 => HiddenPart::End,
                null !== $after => $dice->pick([HiddenPart::Length, HiddenPart::End]),
                // each of the three comes, and not twice in a row
                default => $dice->pick(self::besides(($made[$i - 1] ?? null)?->hidden)),
            };
            $now += null === $after && $i > 0 ? $dice->number(0, 20, 5) : 0;
            $made[] = ActivityRow::of($what, $now, $minutes, $hidden, $after);
            $now += $minutes;
        }

        return ActivityTable::of($name, $made);
    }

    /** @return non-empty-list<HiddenPart> */
    private static function besides(?HiddenPart $last): array
    {
        return match ($last) {
            HiddenPart::Start => [HiddenPart::Length, HiddenPart::End],
            HiddenPart::Length => [HiddenPart::Start, HiddenPart::End],
            HiddenPart::End => [HiddenPart::Start, HiddenPart::Length],
            null => HiddenPart::cases(),
        };
    }

    /** @return non-empty-array<string, ActivityDay> */
    private function read(): array
    {
        if (null === $this->days || [] === $this->days) {
            $days = [];
            $name = '';
            foreach (file(self::FILE, \FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
                if ('' === trim($line) || str_starts_with($line, '#')) {
                    continue;
                }
                $fields = array_map(trim(...), explode('|', $line));
                if (str_starts_with($line, 'day:')) {
                    $name = trim(substr($fields[0], 4));
                    $days[$name] = new ActivityDay($name, self::minutes($fields[1] ?? ''), self::minutes($fields[2] ?? ''), []);
                } elseif (isset($days[$name]) && \count($fields) >= 3) {
                    $days[$name] = $days[$name]->and($fields[0], (int) $fields[1], (int) $fields[2]);
                } else {
                    throw new \DomainException(\sprintf('activities.txt, line %d: what happens | the fewest minutes | the most', $i + 1));
                }
            }
            $this->days = $days;
        }

        return [] === $this->days ? throw new \LogicException('There are no days in activities.txt.') : $this->days;
    }

    /** "16:20". */
    private static function minutes(string $time): int
    {
        return 1 === preg_match('/^(\d{1,2}):(\d\d)$/', $time, $m) ? 60 * (int) $m[1] + (int) $m[2] : throw new \DomainException(\sprintf('activities.txt: "%s" is no time, such as 16:20.', $time));
    }
}
