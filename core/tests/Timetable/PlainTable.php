<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Timetable;

use Rostik\Core\Timetable\CsvTable;
use Rostik\Core\Timetable\ServiceTable;

/** A timetable as plain numbers, read from its CSV, and the answers as anybody would look them up who has never seen the product. */
final readonly class PlainTable
{
    /** @param array<string, list<?int>> $rows minutes by name of the stop, one for each service */
    private function __construct(private array $rows, private int $services)
    {
    }

    /** @param ?string $day name of a day of the week: services that do not run on it have no times */
    public static function of(ServiceTable $table, ?string $day): self
    {
        $rows = [];
        $services = 0;
        $runs = [];
        foreach (explode("\r\n", trim(CsvTable::write($table))) as $i => $line) {
            $fields = str_getcsv($line, ',', '"', '');
            if (0 === $i) {
                $services = \count($fields) - 1;
                continue;
            }
            if ('Days' === $fields[0]) {
                foreach (\array_slice($fields, 1) as $n => $days) {
                    $runs[$n] = null === $day || 'Daily' === $days || $days === substr($day, 0, 3);
                }
                continue;
            }
            foreach (\array_slice($fields, 1) as $n => $time) {
                $parts = explode(':', (string) $time);
                $rows[(string) $fields[0]][] = '-' === $time || !($runs[$n] ?? true) ? null : 60 * (int) $parts[0] + (int) ($parts[1] ?? 0);
            }
        }

        return new self($rows, $services);
    }

    public function at(string $stop, int $service): ?int
    {
        return $this->rows[$stop][$service] ?? null;
    }

    /**
     * @param ?string $to only those that go there afterwards
     *
     * @return array<int, int> the services that are there at or after a time, in order of time
     */
    public function from(string $stop, int $at, ?string $to = null): array
    {
        $found = [];
        for ($n = 0; $n < $this->services; ++$n) {
            $time = $this->at($stop, $n);
            if (null !== $time && $time >= $at && (null === $to || ($this->at($to, $n) ?? -1) > $time)) {
                $found[$n] = $time;
            }
        }
        asort($found);

        return $found;
    }

    /** @return array<int, int> how long each takes, in minutes */
    public function lengths(string $from, string $to): array
    {
        $found = [];
        foreach ($this->from($from, 0, $to) as $n => $time) {
            $found[$n] = (int) $this->at($to, $n) - $time;
        }

        return $found;
    }
}
