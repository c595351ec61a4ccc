<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Gtfs;

/** On which dates each service of a feed runs: calendar.txt, with the exceptions of calendar_dates.txt. */
final class Days
{
    private const NAMES = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    /** @var array<string, array{list<bool>, string, string}> by service_id: from Monday, first and last date */
    private array $weeks = [];

    /** @var array<string, array<string, bool>> by service_id and date, whether it runs */
    private array $exceptions = [];

    public function knows(string $service): bool
    {
        return isset($this->weeks[$service]) || isset($this->exceptions[$service]);
    }

    /** @param string $date YYYY-MM-DD, one that there is */
    public function runs(string $service, string $date): bool
    {
        $exception = $this->exceptions[$service][$date] ?? null;
        if (null !== $exception) {
            return $exception;
        }
        [$week, $first, $last] = $this->weeks[$service] ?? [[], '', ''];

        return $date >= $first && $date <= $last && ($week[(int) (new \DateTimeImmutable($date.' UTC'))->format('N') - 1] ?? false);
    }

    /**
     * @param list<string> $services
     *
     * @return array{string, string} the first and the last date on which one of them may run; '' where none does
     */
    public function span(array $services): array
    {
        $dates = [];
        foreach ($services as $service) {
            if (isset($this->weeks[$service])) {
                array_push($dates, $this->weeks[$service][1], $this->weeks[$service][2]);
            }
            foreach ($this->exceptions[$service] ?? [] as $date => $runs) {
                if ($runs) {
                    $dates[] = (string) $date;
                }
            }
        }

        return [] === $dates ? ['', ''] : [min($dates), max($dates)];
    }

    public function readCalendar(Records $records): void
    {
        foreach ($records->each(['service_id', ...self::NAMES, 'start_date', 'end_date']) as $record) {
            [$id, $week, $first, $last] = [$record[0], \array_slice($record, 1, 7), self::date($record[8]), self::date($record[9])];
            if (isset($this->weeks[$id])) {
                $records->fault(\sprintf('The service_id %s is there twice.', $id));
            }
            foreach ($week as $i => $flag) {
                if ('0' !== $flag && '1' !== $flag) {
                    $records->fault(\sprintf('%s is "%s", neither 0 nor 1.', self::NAMES[$i] ?? '', $flag));
                }
            }
            if (null === $first || null === $last) {
                $records->fault(\sprintf('"%s" is no date. A date is written 20270312.', null === $first ? $record[8] : $record[9]));
                continue;
            }
            if ($last < $first) {
                $records->fault(\sprintf('It ends on %s before it begins on %s.', $last, $first));
            }
            $this->weeks[$id] = [array_map(static fn (string $flag): bool => '1' === $flag, $week), $first, $last];
        }
    }

    public function readDates(Records $records): void
    {
        foreach ($records->each(['service_id', 'date', 'exception_type']) as [$id, $day, $type]) {
            $date = self::date($day);
            if (null === $date) {
                $records->fault(\sprintf('"%s" is no date. A date is written 20270312.', $day));
                continue;
            }
            if ('1' !== $type && '2' !== $type) {
                $records->fault(\sprintf('The exception_type "%s" is neither 1, added, nor 2, taken out.', $type));
            }
            if (isset($this->exceptions[$id][$date])) {
                $records->fault(\sprintf('The service %s has two exceptions on %s.', $id, $date));
            }
            $this->exceptions[$id][$date] = '1' === $type;
        }
    }

    /** YYYYMMDD as YYYY-MM-DD; null where there is no such day. */
    private static function date(string $date): ?string
    {
        return 1 === preg_match('/^(\d{4})(\d\d)(\d\d)$/', $date, $m) && checkdate((int) $m[2], (int) $m[3], (int) $m[1]) ? $m[1].'-'.$m[2].'-'.$m[3] : null;
    }
}
