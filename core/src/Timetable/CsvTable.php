<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Notation\CsvField;
use Rostik\Core\Time\TimeOfDay;

/**
 * A timetable as CSV: the first row names the services, the first column the stops, a dash or nothing stands where a
 * service does not call. A row "Days" may say on which days each runs; a stop may have two rows, "… arrives" and "… leaves".
 */
final readonly class CsvTable
{
    /** Bytes of a file that is read. */
    public const LARGEST = 500_000;

    private const DASHES = ['' => 0, '-' => 0, '–' => 0, '—' => 0, '−' => 0, '|' => 0, '||' => 0, '.' => 0, '..' => 0, '...' => 0, '…' => 0, '·' => 0, '↓' => 0, 'x' => 0, '>' => 0, '--' => 0, '---' => 0];

    /** So long a service may go from one stop to the next, in minutes; what would be longer goes back. */
    private const LONGEST_LEG = 720;

    private function __construct(private string $file, private Faults $faults)
    {
    }

    /**
     * @param string $file its name, for the faults
     *
     * @throws NotATable with every fault, by line and column
     */
    public static function read(string $text, string $title = '', Vehicle $vehicle = Vehicle::Service, string $file = 'table'): ServiceTable
    {
        if (\strlen($text) > self::LARGEST) {
            throw NotATable::one($file, 0, \sprintf('That is more than %d kB, and no timetable that children read.', self::LARGEST / 1000));
        }
        $stream = fopen('php://memory', 'r+');
        if (false === $stream) {
            throw new \LogicException('There is no memory to write to.');
        }
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        foreach (CsvLines::of($stream, $file, '') as $line => $fields) {
            $rows[] = new CsvRow($line, array_map(CsvField::read(...), $fields));
        }

        return (new self($file, new Faults()))->table($rows, $title, $vehicle);
    }

    /** What {@see read()} reads. */
    public static function write(ServiceTable $table): string
    {
        $out = [['Stop', ...array_map(static fn (Service $service, int $i): string => '' === $service->name ? (string) ($i + 1) : $service->name, $table->services, array_keys($table->services))]];
        if ([] !== array_filter($table->services, static fn (Service $service): bool => !$service->days->isDaily())) {
            $out[] = ['Days', ...array_map(static fn (Service $service): string => $service->days->said(), $table->services)];
        }
        foreach ($table->rows() as $row) {
            $out[] = [trim($row->name.' '.$row->what), ...array_map(static fn (?int $time): string => null === $time ? '-' : With::clock($time), $row->times)];
        }

        return CsvField::rows($out);
    }

    /**
     * @param list<CsvRow> $rows
     *
     * @throws NotATable
     */
    private function table(array $rows, string $title, Vehicle $vehicle): ServiceTable
    {
        $head = array_shift($rows);
        $names = \array_slice($head->fields ?? [], 1);
        while ([] !== $names && '' === $names[\count($names) - 1]) {
            array_pop($names);
        }
        if (null === $head || [] === $names) {
            throw NotATable::one($this->file, $head->line ?? 0, 'The first row names the services, the first column the stops: Stop,1,2,3');
        }
        $days = [];
        if (isset($rows[0]) && \in_array(strtolower($rows[0]->fields[0] ?? ''), ['days', 'day', 'runs', 'runs on', 'operates'], true)) {
            $days = $this->days(array_shift($rows), \count($names));
        }
        $stops = [];
        $times = [];
        foreach ($rows as $row) {
            $this->whole($row, \count($names));
            [$name, $what] = self::stopName($row->fields[0]);
            if ('' === $name) {
                $this->faults->add($this->file, $row->line, 'The first column says which stop it is; here it is empty.');
            }
            $last = array_key_last($stops);
            if ('leaves' === $what && null !== $last && $stops[$last] === $name && 'arrives' === $times[$last]->what) {
                $times[$last]->leaves = $row;
            } else {
                $stops[] = $name;
                $times[] = new CsvStop($what, $row);
            }
        }
        if (\count($stops) < 2) {
            $this->faults->add($this->file, 0, 'A timetable has two stops at least, each in a row of its own.');
        }
        if (\count($stops) > ServiceTable::MOST_STOPS || \count($names) > ServiceTable::MOST_SERVICES) {
            $this->faults->add($this->file, 0, \sprintf('That is more than %d stops or %d services. Please bring in a part of it.', ServiceTable::MOST_STOPS, ServiceTable::MOST_SERVICES));
        }
        $this->faults->end();
        $columns = [];
        $began = null;
        foreach ($names as $column => $name) {
            $before = $this->faults->count();
            $columns[] = $calls = $this->calls($times, $column, $began);
            $first = array_values(array_filter($calls))[0] ?? null;
            $began = $first->arrive ?? $began;
            if (\count(array_filter($calls)) < 2 && $before === $this->faults->count()) {
                $this->faults->add($this->file, $head->line, \sprintf('Service %d%s calls at fewer than two stops.', $column + 1, '' === $name ? '' : ' ('.$name.')'));
            }
        }
        $this->faults->end();
        $services = array_map(static fn (string $name, array $calls, int $column): Service => Service::of($name, $days[$column] ?? Weekdays::all(), $calls), $names, $columns, array_keys($names));

        return ServiceTable::of($title, $vehicle, $stops, $services);
    }

    /** A row that is longer than the first has times under no service. */
    private function whole(CsvRow $row, int $count): void
    {
        foreach (\array_slice($row->fields, $count + 1, null, true) as $column => $field) {
            if ('' !== $field) {
                $this->faults->add($this->file, $row->line, \sprintf('"%s" stands in column %d, for which the first row names no service.', self::short($field), $column + 1));

                return;
            }
        }
    }

    /** @return array<int, Weekdays> by column */
    private function days(CsvRow $row, int $count): array
    {
        $this->whole($row, $count);
        $days = [];
        for ($column = 0; $column < $count; ++$column) {
            $field = $row->fields[$column + 1] ?? '';
            $read = '' === $field ? Weekdays::all() : Weekdays::read($field);
            if (null === $read) {
                $this->faults->add($this->file, $row->line, \sprintf('"%s" in column %d says no days. Some that do: Mon-Fri, Sat, daily', self::short($field), $column + 2));
            }
            $days[$column] = $read ?? Weekdays::all();
        }

        return $days;
    }

    /**
     * @param list<CsvStop> $stops
     * @param ?int          $began when the service before it begins, in minutes
     *
     * @return list<?Call>
     */
    private function calls(array $stops, int $column, ?int $began): array
    {
        $calls = [];
        $now = null;
        foreach ($stops as $stop) {
            $arrive = $this->time($stop->row, $column);
            $leave = null === $stop->leaves ? $arrive : $this->time($stop->leaves, $column);
            $arrive ??= $leave;
            $leave ??= $arrive;
            if (null === $arrive || null === $leave) {
                $calls[] = null;
                continue;
            }
            // the last boats of a table go after midnight
            $since = $now ?? (null !== $began && $began >= 18 * 60 && $arrive < 5 * 60 ? $began : $arrive);
            $arrive = $this->onwards($since, $arrive, $stop->row, $column);
            $leave = $this->onwards($arrive, $leave, $stop->leaves ?? $stop->row, $column);
            if ($leave > Call::LATEST) {
                $this->faults->add($this->file, $stop->row->line, \sprintf('Service %d goes on for more than a day.', $column + 1));
                $arrive = $leave = $since;
            }
            $calls[] = Call::of($arrive, $leave);
            $now = $leave;
        }

        return $calls;
    }

    /** The time as minutes of the table's day: one that is before the last is after midnight, or a fault. */
    private function onwards(int $last, int $time, CsvRow $row, int $column): int
    {
        if ($time >= $last) {
            return $time;
        }
        $night = $time + TimeOfDay::DAY * (int) ceil(($last - $time) / TimeOfDay::DAY);
        if ($night - $last <= self::LONGEST_LEG) {
            return $night;
        }
        $said = With::clock($time);
        $this->faults->add($this->file, $row->line, \sprintf('Service %d goes back from %s to %s.%s', $column + 1, With::clock($last), $said, $time < 720 && $time + 720 >= $last ? \sprintf(' If it is after noon, write %s.', With::clock($time + 720)) : ''));

        return $last;
    }

    /** Minutes; null for a dash. */
    private function time(CsvRow $row, int $column): ?int
    {
        $field = $row->fields[$column + 1] ?? '';
        if (isset(self::DASHES[strtolower($field)])) {
            return null;
        }
        if (1 === preg_match('/^(\d{1,2})\s*[:.h]\s*([0-5]\d)(?::[0-5]\d)?\s*(?:([ap])\.?\s*m\.?)?$/i', $field, $m) || 1 === preg_match('/^(\d{1,2})([0-5]\d)$/', $field, $m)) {
            [$hour, $minute, $half] = [(int) $m[1], (int) $m[2], strtolower($m[3] ?? '')];
            if ('' === $half ? $hour <= Call::LATEST / 60 : $hour >= 1 && $hour <= 12) {
                return 60 * ('' === $half ? $hour : $hour % 12 + ('p' === $half ? 12 : 0)) + $minute;
            }
        }
        $this->faults->add($this->file, $row->line, \sprintf('"%s" in column %d is no time. A time is written 09:40, a dash where the service does not call.', self::short($field), $column + 2));

        return null;
    }

    /** @return array{string, string} the name, and "arrives" or "leaves" where that is said behind it */
    private static function stopName(string $field): array
    {
        if (1 === preg_match('/^(.+?)[\s,]+\(?(?:(arr|arrive|arrives|arrival)|(?:dep|depart|departs|departure|leave|leaves))\.?\)?$/i', $field, $m)) {
            return [trim($m[1]), isset($m[2]) ? 'arrives' : 'leaves'];
        }

        return [$field, ''];
    }

    private static function short(string $text): string
    {
        return mb_strlen($text) > 24 ? mb_substr($text, 0, 24).'…' : $text;
    }
}
