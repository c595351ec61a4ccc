<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** A timetable: stops down, services across, each in the order in which it stands there. */
final readonly class ServiceTable implements AnyTable
{
    /** More than this many columns are no table that anybody reads. */
    public const MOST_SERVICES = 300;

    public const MOST_STOPS = 200;

    /**
     * @param string                  $title    may be empty
     * @param non-empty-list<string>  $stops    where one is called at twice it stands twice
     * @param non-empty-list<Service> $services
     */
    private function __construct(public string $title, public Vehicle $vehicle, public array $stops, public array $services)
    {
    }

    /**
     * @param list<string>  $stops
     * @param list<Service> $services
     *
     * @throws \InvalidArgumentException when there are no services, fewer than two stops, or more than a table holds
     */
    public static function of(string $title, Vehicle $vehicle, array $stops, array $services): self
    {
        if (\count($stops) < 2 || \count($stops) > self::MOST_STOPS || [] === $services || \count($services) > self::MOST_SERVICES) {
            throw new \InvalidArgumentException(\sprintf('A timetable has 2 to %d stops and 1 to %d services.', self::MOST_STOPS, self::MOST_SERVICES));
        }
        foreach ($services as $service) {
            if (\count($service->calls) !== \count($stops)) {
                throw new \InvalidArgumentException('A service has a place for each stop.');
            }
        }

        return new self($title, $vehicle, $stops, $services);
    }

    /** Where a stop stands, from 0; null where it stands nowhere, or in several rows. */
    public function stop(string $name): ?int
    {
        $found = array_keys($this->stops, $name, true);

        return 1 === \count($found) ? $found[0] : null;
    }

    /** @return list<int> stops that have their name to themselves, so that they can be asked about */
    public function askable(): array
    {
        $times = array_count_values($this->stops);

        return array_values(array_filter(array_keys($this->stops), fn (int $stop): bool => 1 === $times[$this->stops[$stop]]));
    }

    public function service(int $number): ?Service
    {
        return $this->services[$number] ?? null;
    }

    /** Whether not all of its services run on the same days. */
    public function mixesDays(): bool
    {
        return \count(array_unique(array_map(static fn (Service $service): string => implode('', $service->days->days), $this->services))) > 1;
    }

    /**
     * @param ?int $day 1 for Monday to 7 for Sunday; null for all
     *
     * @return array<int, Service> by number, those that run on that day
     */
    public function running(?int $day = null): array
    {
        return null === $day ? $this->services : array_filter($this->services, static fn (Service $service): bool => $service->days->has($day));
    }

    /**
     * @return array<int, int> by number of the service, when those of a day leave a stop to go on, in order of time
     */
    public function departures(int $stop, ?int $day = null, ?int $to = null): array
    {
        $times = [];
        foreach ($this->running($day) as $number => $service) {
            $leaves = null === $to || $service->links($stop, $to) ? $service->leaves($stop) : null;
            if (null !== $leaves) {
                $times[$number] = $leaves;
            }
        }
        asort($times);

        return $times;
    }

    /** Whether the table says of a stop when services arrive and when they leave, in two rows. */
    public function tellsBoth(int $stop): bool
    {
        foreach ($this->services as $service) {
            if ($service->at($stop)?->waits() ?? false) {
                return true;
            }
        }

        return false;
    }

    /** @return non-empty-list<TableRow> as it is shown, a stop with two times in two rows */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->stops as $stop => $name) {
            if ($this->tellsBoth($stop)) {
                $rows[] = new TableRow($stop, $name, 'arrives', array_map(static fn (Service $service): ?int => $service->first() === $stop ? null : $service->at($stop)?->arrive, $this->services));
                $rows[] = new TableRow($stop, $name, 'leaves', array_map(static fn (Service $service): ?int => $service->leaves($stop), $this->services));
            } else {
                $rows[] = new TableRow($stop, $name, '', array_map(static fn (Service $service): ?int => $service->at($stop)?->leave, $this->services));
            }
        }

        return $rows;
    }

    /**
     * A part of it: some stops, some services, those that leave their first stop within a part of the day.
     *
     * @param ?list<int> $stops null for all
     * @param ?int       $day   1 to 7; null for all
     * @param int        $from  minutes
     * @param int        $until minutes
     *
     * @return ?self null where nothing is left
     */
    public function part(?array $stops = null, ?int $day = null, int $from = 0, int $until = Call::LATEST): ?self
    {
        $stops ??= array_keys($this->stops);
        $services = [];
        foreach ($this->running($day) as $service) {
            $kept = $service->only($stops);
            $leaves = $kept?->at($kept->first())?->leave;
            if (null !== $kept && null !== $leaves && $leaves >= $from && $leaves <= $until) {
                $services[] = $kept;
            }
        }
        $names = array_map(fn (int $stop): string => $this->stops[$stop] ?? '', $stops);

        return [] === $services || \count($names) < 2 || \count($services) > self::MOST_SERVICES ? null : self::of($this->title, $this->vehicle, $names, $services);
    }

    public function title(): string
    {
        return $this->title;
    }

    public function caution(): string
    {
        return '';
    }

    public function csv(): string
    {
        return CsvTable::write($this);
    }

    public function later(int $minutes): self
    {
        return new self($this->title, $this->vehicle, $this->stops, array_map(static fn (Service $service): Service => $service->later($minutes), $this->services));
    }

    public function moves(): array
    {
        $times = [];
        foreach ($this->services as $service) {
            foreach (array_filter($service->calls) as $call) {
                array_push($times, $call->arrive, $call->leave);
            }
        }

        return Moves::of($times);
    }
}
