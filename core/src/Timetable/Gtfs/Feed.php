<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Gtfs;

use Rostik\Core\Timetable\Call;
use Rostik\Core\Timetable\Faults;
use Rostik\Core\Timetable\NotATable;
use Rostik\Core\Timetable\Service;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\Vehicle;
use Rostik\Core\Timetable\Weekdays;

/**
 * A feed of public transport timetables in GTFS, as the GTFS Schedule Reference (gtfs.org) has it: stops, routes, trips,
 * stop_times, and calendar or calendar_dates or both, frequencies where they are there. It is read whole, and a faulty one
 * is refused whole, with each fault by file and line. Times beyond 24:00:00 belong to the day before.
 */
final class Feed
{
    /** Records of stop_times.txt, and of any other file. */
    public const MOST_TIMES = 1_000_000;

    private const MOST = 200_000;

    /** @var array<string, int> number of each stop by stop_id */
    private array $stops = [];

    /** @var list<string> names by number of the stop */
    private array $names = [];

    /** @var array<string, Route> by route_id */
    private array $routes = [];

    /** @var array<string, Trip> by trip_id */
    private array $trips = [];

    private Days $days;

    /** @var array<string, list<int>> of each trip, five numbers a call, for there may be a million: sequence, arrival and departure (-1 where they are not said), stop, line */
    private array $calls = [];

    /** @var array<string, list<Repeated>> by trip_id */
    private array $repeated = [];

    private function __construct(private readonly FeedFiles $files, private readonly Faults $faults)
    {
        $this->days = new Days();
    }

    /** @throws NotATable */
    public static function read(FeedFiles $files): self
    {
        $feed = new self($files, new Faults());
        $feed->readAll();

        return $feed;
    }

    /** @throws NotATable */
    private function readAll(): void
    {
        foreach (['stops.txt', 'routes.txt', 'trips.txt', 'stop_times.txt'] as $file) {
            if (!$this->files->has($file)) {
                $this->faults->add($file, 0, 'The file is missing.');
            }
        }
        if (!$this->files->has('calendar.txt') && !$this->files->has('calendar_dates.txt')) {
            $this->faults->add('calendar.txt', 0, 'The file is missing, and calendar_dates.txt as well: nothing says on which days it runs.');
        }
        $this->faults->end();
        $this->readStops();
        $this->readRoutes();
        if ($this->files->has('calendar.txt')) {
            $this->days->readCalendar($this->records('calendar.txt'));
        }
        if ($this->files->has('calendar_dates.txt')) {
            $this->days->readDates($this->records('calendar_dates.txt'));
        }
        $this->readTrips();
        $this->readTimes();
        if ($this->files->has('frequencies.txt')) {
            $this->readFrequencies();
        }
        $this->faults->end();
        $this->putInOrder();
        $this->faults->end();
    }

    private function records(string $file, int $most = self::MOST): Records
    {
        return new Records($this->files, $file, $this->faults, $most);
    }

    private function readStops(): void
    {
        $records = $this->records('stops.txt');
        foreach ($records->each(['stop_id'], ['stop_name', 'location_type', 'parent_station']) as [$id, $name, $type]) {
            if (isset($this->stops[$id])) {
                $records->fault(\sprintf('The stop_id %s is there twice.', $id));
            }
            if ('' === $name && \in_array($type, ['', '0', '1', '2'], true)) {
                $records->fault(\sprintf('The stop %s has no name.', $id));
            }
            $this->stops[$id] = \count($this->names);
            $this->names[] = $name;
        }
    }

    private function readRoutes(): void
    {
        $records = $this->records('routes.txt');
        foreach ($records->each(['route_id', 'route_type'], ['route_short_name', 'route_long_name']) as [$id, $type, $short, $long]) {
            if (isset($this->routes[$id])) {
                $records->fault(\sprintf('The route_id %s is there twice.', $id));
            }
            if (!ctype_digit($type) || \strlen($type) > 4) {
                $records->fault(\sprintf('The route_type "%s" is no number of a kind of vehicle, such as 3 for a bus or 4 for a ferry.', $type));
                continue;
            }
            if ('' === $short.$long) {
                $records->fault(\sprintf('The route %s has no name.', $id));
            }
            $this->routes[$id] = new Route($id, '' === $short || '' === $long || $short === $long ? $short.($short === $long ? '' : $long) : $short.' '.$long, Vehicle::ofRouteType((int) $type));
        }
    }

    private function readTrips(): void
    {
        $records = $this->records('trips.txt');
        foreach ($records->each(['route_id', 'service_id', 'trip_id'], ['direction_id', 'trip_headsign', 'trip_short_name']) as $line => [$route, $service, $id, $direction, $headsign, $name]) {
            if (isset($this->trips[$id])) {
                $records->fault(\sprintf('The trip_id %s is there twice.', $id));
            }
            if (!isset($this->routes[$route])) {
                $records->fault(\sprintf('The route %s is not in routes.txt.', $route));
            }
            if (!$this->days->knows($service)) {
                $records->fault(\sprintf('The service %s is in neither calendar.txt nor calendar_dates.txt.', $service));
            }
            if (!\in_array($direction, ['', '0', '1'], true)) {
                $records->fault(\sprintf('The direction_id "%s" is neither 0 nor 1.', $direction));
            }
            $this->trips[$id] = new Trip($id, $route, $service, $direction, $headsign, '' === $name ? $id : $name, $line);
        }
    }

    private function readTimes(): void
    {
        $records = $this->records('stop_times.txt', self::MOST_TIMES);
        foreach ($records->each(['trip_id', 'stop_id', 'stop_sequence'], ['arrival_time', 'departure_time']) as $line => [$trip, $stop, $sequence, $arrives, $leaves]) {
            if (!isset($this->trips[$trip])) {
                $records->fault(\sprintf('The trip %s is not in trips.txt.', $trip));
                continue;
            }
            if (!isset($this->stops[$stop])) {
                $records->fault(\sprintf('The stop %s is not in stops.txt.', $stop));
                continue;
            }
            if (!ctype_digit($sequence) || \strlen($sequence) > 9) {
                $records->fault(\sprintf('The stop_sequence "%s" is no whole number.', $sequence));
                continue;
            }
            $arrive = '' === $arrives ? -1 : Clock::minutes($arrives);
            $leave = '' === $leaves ? -1 : Clock::minutes($leaves);
            if (null === $arrive || null === $leave) {
                $records->fault(\sprintf('"%s" is no time. A time is written 09:40:00, after midnight 24:10:00.', null === $arrive ? $arrives : $leaves));
                continue;
            }
            $arrive = -1 === $arrive ? $leave : $arrive;
            $leave = -1 === $leave ? $arrive : $leave;
            if ($leave < $arrive) {
                $records->fault(\sprintf('It leaves at %s before it arrives at %s.', $leaves, $arrives));
                continue;
            }
            $this->calls[$trip] ??= [];
            array_push($this->calls[$trip], (int) $sequence, $arrive, $leave, $this->stops[$stop], $line);
        }
    }

    private function readFrequencies(): void
    {
        $records = $this->records('frequencies.txt');
        foreach ($records->each(['trip_id', 'start_time', 'end_time', 'headway_secs']) as [$trip, $from, $until, $seconds]) {
            $start = Clock::minutes($from);
            $end = Clock::minutes($until);
            if (!isset($this->trips[$trip])) {
                $records->fault(\sprintf('The trip %s is not in trips.txt.', $trip));
            } elseif (null === $start || null === $end || $end < $start) {
                $records->fault(\sprintf('From "%s" to "%s" is no part of a day.', $from, $until));
            } elseif (!ctype_digit($seconds) || (int) $seconds < 60 || 0 !== (int) $seconds % 60) {
                $records->fault(\sprintf('Every "%s" seconds is nothing that a timetable tells: whole minutes, such as 600.', $seconds));
            } else {
                $this->repeated[$trip][] = new Repeated($start, $end, intdiv((int) $seconds, 60));
            }
        }
    }

    /** Each trip in the order of its stops: no number of it twice, and never back in time. */
    private function putInOrder(): void
    {
        foreach ($this->trips as $id => $trip) {
            $calls = array_chunk($this->calls[$id] ?? [], 5);
            if (\count($calls) < 2) {
                $this->faults->add('trips.txt', $trip->line, \sprintf('The trip %s calls at fewer than two stops.', $trip->id));
                continue;
            }
            usort($calls, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            $last = -1;
            $number = -1;
            foreach ($calls as $i => [$sequence, $arrive, $leave, , $line]) {
                if ($number === $sequence) {
                    $this->faults->add('stop_times.txt', $line, \sprintf('The stop_sequence %d of the trip %s is there twice.', $sequence, $trip->id));
                }
                if (-1 === $arrive && (0 === $i || \count($calls) - 1 === $i)) {
                    $this->faults->add('stop_times.txt', $line, \sprintf('The trip %s has no time at its %s stop.', $trip->id, 0 === $i ? 'first' : 'last'));
                }
                if (-1 !== $arrive && $arrive < $last) {
                    $this->faults->add('stop_times.txt', $line, \sprintf('The trip %s goes back in time here.', $trip->id));
                }
                $last = max($last, $leave);
                $number = $sequence;
            }
            $this->calls[$id] = array_merge(...$calls);
        }
    }

    /** @return list<RouteChoice> what can be chosen, by name */
    public function choices(): array
    {
        $byRoute = [];
        foreach ($this->trips as $trip) {
            $byRoute[$trip->route][] = $trip;
        }
        $choices = [];
        foreach ($this->routes as $id => $route) {
            $trips = $byRoute[$id] ?? [];
            if ([] === $trips) {
                continue;
            }
            $directions = [];
            foreach ($this->directions($trips) as $direction => $those) {
                $longest = $those[0];
                foreach ($those as $one) {
                    $longest = \count($this->calls[$one->id] ?? []) > \count($this->calls[$longest->id] ?? []) ? $one : $longest;
                }
                $stops = array_map(fn (array $call): string => $this->names[$call[3]] ?? '', array_chunk($this->calls[$longest->id] ?? [], 5));
                $directions[] = new DirectionChoice((string) $direction, $stops[\count($stops) - 1] ?? '', $stops);
            }
            [$first, $last] = $this->days->span(array_values(array_unique(array_map(static fn (Trip $trip): string => $trip->service, $trips))));
            $choices[] = new RouteChoice($route->id, $route->name, $route->vehicle->value, $directions, $first, $last);
        }
        usort($choices, static fn (RouteChoice $a, RouteChoice $b): int => strnatcasecmp($a->name, $b->name));

        return $choices;
    }

    /**
     * The trips of a route, direction by direction: as the feed says it, or else by where they begin and end.
     *
     * @param non-empty-list<Trip> $trips
     *
     * @return array<string, non-empty-list<Trip>>
     */
    private function directions(array $trips): array
    {
        $said = [] !== array_filter($trips, static fn (Trip $trip): bool => '' !== $trip->direction);
        $directions = [];
        foreach ($trips as $trip) {
            $directions[$said ? $trip->direction : $this->turned($trip, $trips[0])][] = $trip;
        }
        ksort($directions);

        return $directions;
    }

    /** '0' for a trip that goes the way of the first, '1' for one that goes against it. */
    private function turned(Trip $trip, Trip $first): string
    {
        $place = array_flip(array_reverse(array_column(array_chunk($this->calls[$first->id] ?? [], 5), 3), true));
        $common = array_values(array_filter(array_map(static fn (array $call): ?int => $place[$call[3]] ?? null, array_chunk($this->calls[$trip->id] ?? [], 5)), static fn (?int $at): bool => null !== $at));

        return [] !== $common && $common[0] > $common[\count($common) - 1] ? '1' : '0';
    }

    /**
     * The timetable of a route on a day.
     *
     * @param string  $route     its route_id
     * @param ?string $direction '0' or '1'; null for the first that it has
     * @param string  $date      YYYY-MM-DD
     *
     * @throws NotATable where there is none
     */
    public function table(string $route, ?string $direction, string $date): ServiceTable
    {
        $chosen = $this->routes[$route] ?? throw NotATable::one('routes.txt', 0, \sprintf('There is no route %s. There are: %s', $route, implode(', ', \array_slice(array_map(strval(...), array_keys($this->routes)), 0, 12))));
        if (1 !== preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $date, $m) || !checkdate((int) $m[2], (int) $m[3], (int) $m[1])) {
            throw NotATable::one('calendar.txt', 0, \sprintf('"%s" is no date. A date is written 2027-03-12.', $date));
        }
        $trips = array_values(array_filter($this->trips, static fn (Trip $trip): bool => $trip->route === $route));
        $directions = [] === $trips ? [] : $this->directions($trips);
        $trips = $directions[$direction ?? (string) array_key_first($directions)] ?? throw NotATable::one('trips.txt', 0, \sprintf('The route %s has no direction %s.', $route, $direction ?? ''));
        $running = array_values(array_filter($trips, fn (Trip $trip): bool => $this->days->runs($trip->service, $date)));
        if ([] === $running) {
            [$first, $last] = $this->days->span(array_values(array_unique(array_map(static fn (Trip $trip): string => $trip->service, $trips))));
            throw NotATable::one('calendar.txt', 0, \sprintf('Nothing runs on %s.%s', $date, '' === $first ? '' : \sprintf(' The route runs from %s to %s.', $first, $last)));
        }
        if (\count($running) > ServiceTable::MOST_SERVICES) {
            throw self::tooLarge(\count($running), null);
        }
        foreach ($running as $trip) {
            if (\count($this->calls[$trip->id] ?? []) > 5 * ServiceTable::MOST_STOPS) {
                throw self::tooLarge(\count($running), intdiv(\count($this->calls[$trip->id]), 5));
            }
        }
        $runs = array_map(fn (Trip $trip): array => $this->run($trip), $running);
        $stops = \count(array_merge(...$runs));
        // an order is looked for only where it can be shown
        if ($stops > ServiceTable::MOST_STOPS) {
            throw self::tooLarge(\count($running), $stops);
        }
        $order = StopOrder::of(array_map(static fn (array $run): array => array_map(strval(...), array_keys($run)), $runs)) ?? throw NotATable::one('trips.txt', 0, \sprintf('The services of the route %s call at their stops in orders that do not go together in one table.', $route));
        $services = [];
        $weekday = Weekdays::of((int) (new \DateTimeImmutable($date.' UTC'))->format('N'));
        foreach ($running as $i => $trip) {
            $calls = array_map(static fn (string $key): ?Call => $runs[$i][$key] ?? null, $order);
            $service = Service::of($trip->name, $weekday, $calls);
            $begins = $service->at($service->first())->leave ?? 0;
            foreach ($this->repeated[$trip->id] ?? [new Repeated($begins, $begins + 1, 1)] as $repeated) {
                foreach ($repeated->starts() as $start) {
                    try {
                        $services[] = $service->later($start - $begins);
                    } catch (\InvalidArgumentException) {
                        throw NotATable::one('frequencies.txt', 0, \sprintf('The trip %s would go on for more than two days.', $trip->id));
                    }
                    if (\count($services) > ServiceTable::MOST_SERVICES) {
                        throw self::tooLarge(\count($services), null);
                    }
                }
            }
        }
        usort($services, static fn (Service $a, Service $b): int => self::compared($a, $b));
        $names = array_map(static fn (string $key): string => explode("\0", $key)[0], $order);

        return ServiceTable::of($chosen->name, $chosen->vehicle, $names, $services);
    }

    private static function tooLarge(int $services, ?int $stops): NotATable
    {
        return NotATable::one('trips.txt', 0, \sprintf('That day has %d services or more%s: more than any table holds.', $services, null === $stops ? '' : ', and '.$stops.' stops'));
    }

    /**
     * The calls of a trip, by the name of the stop and how often it has called there before; stops of one name are one.
     *
     * @return array<string, ?Call>
     */
    private function run(Trip $trip): array
    {
        $run = [];
        foreach (array_chunk($this->calls[$trip->id] ?? [], 5) as [, $arrive, $leave, $stop]) {
            $name = $this->names[$stop] ?? '';
            $times = 0;
            while (\array_key_exists($name."\0".$times, $run)) {
                ++$times;
            }
            $run[$name."\0".$times] = -1 === $arrive ? null : Call::of($arrive, $leave);
        }

        return $run;
    }

    /** By when they are at the first stop that both call at. */
    private static function compared(Service $a, Service $b): int
    {
        foreach ($a->calls as $stop => $call) {
            $other = $b->at($stop);
            if (null !== $call && null !== $other) {
                return [$call->leave, $call->arrive, $a->name] <=> [$other->leave, $other->arrive, $b->name];
            }
        }

        return [$a->at($a->first())?->leave, $a->name] <=> [$b->at($b->first())?->leave, $b->name];
    }
}
