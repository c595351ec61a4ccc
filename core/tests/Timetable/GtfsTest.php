<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Timetable;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Timetable\Call;
use Rostik\Core\Timetable\CsvTable;
use Rostik\Core\Timetable\Gtfs\Feed;
use Rostik\Core\Timetable\Island;
use Rostik\Core\Timetable\NotATable;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableFault;
use Rostik\Core\Timetable\TableRow;
use Rostik\Core\Timetable\Vehicle;

/**
 * Feeds written by hand by the GTFS Schedule Reference (gtfs.org/documentation/schedule/reference): field names, which are
 * required, times beyond 24:00:00, service_id in calendar.txt or in calendar_dates.txt alone, exception_type 1 and 2.
 */
final class GtfsTest extends TestCase
{
    /** A small feed with all that is allowed: a byte-order mark, quoted fields, fields in any order and of one's own, optional files missing. */
    private const FEED = [
        'agency.txt' => "agency_id,agency_name,agency_url,agency_timezone\nO,Ombrel Boats,https://boats.ombrel.example,Europe/London\n",
        'stops.txt' => "\xEF\xBB\xBFstop_id,stop_name,stop_lat,stop_lon\r\nQ,Ombrel Quay,50.1,-6.1\r\nL,\"Little Sand, pier\",50.2,-6.2\r\nC,\"Cormorant \"\"Old\"\" Steps\",50.3,-6.3\r\nF,Fell Harbour,50.4,-6.4\r\n",
        'routes.txt' => "route_long_name,route_type,route_id,agency_id\nThe Pintail,4,P,O\nShore bus,3,B,O\n",
        'trips.txt' => "route_id,service_id,trip_id,direction_id,trip_headsign,my_own_field\nP,week,p1,0,Fell Harbour,x\nP,week,p2,0,Fell Harbour,x\nP,sat,p3,0,Fell Harbour,x\nP,week,r1,1,Ombrel Quay,x\nB,fair,b1,,Market,x\n",
        'stop_times.txt' => "trip_id,arrival_time,departure_time,stop_id,stop_sequence,pickup_type\n".
            "p2,23:50:00,23:50:00,Q,1,0\np2,24:25:00,24:25:00,F,9,0\n".
            "p1,07:10:00,07:10:00,Q,1,0\np1,7:22:00,7:26:00,L,2,0\np1,07:35:00,07:35:00,C,3,0\np1,07:53:00,07:53:00,F,4,0\n".
            "p3,09:40:00,09:40:00,Q,1,0\np3,,,L,2,0\np3,10:15:00,10:15:00,F,3,0\n".
            "r1,08:10:00,08:10:00,F,1,0\nr1,08:49:00,08:49:00,Q,2,0\n".
            "b1,12:00:00,12:00:00,F,1,0\nb1,12:09:30,12:09:30,Q,2,0\n",
        'calendar.txt' => "service_id,monday,tuesday,wednesday,thursday,friday,saturday,sunday,start_date,end_date\nweek,1,1,1,1,1,0,0,20270301,20271031\nsat,0,0,0,0,0,1,0,20270301,20271031\n",
        'calendar_dates.txt' => "service_id,date,exception_type\nweek,20270503,2\nsat,20270503,1\nfair,20270612,1\n",
    ];

    public function testSaysWhatThereIsToChooseFrom(): void
    {
        $choices = Feed::read(new MemoryFiles(self::FEED))->choices();
        self::assertSame(['Shore bus', 'The Pintail'], array_column($choices, 'name'));
        self::assertSame(['bus', 'boat'], array_column($choices, 'vehicle'));
        self::assertSame(['0', '1'], array_column($choices[1]->directions, 'id'));
        self::assertSame(['Fell Harbour', 'Ombrel Quay'], array_column($choices[1]->directions, 'to'));
        self::assertSame(['2027-03-01', '2027-10-31'], [$choices[1]->first, $choices[1]->last]);
        self::assertSame(['2027-06-12', '2027-06-12'], [$choices[0]->first, $choices[0]->last]);
    }

    public function testMakesATableOfADay(): void
    {
        $feed = Feed::read(new MemoryFiles(self::FEED));
        // 12 March 2027 is a Friday
        $table = $feed->table('P', null, '2027-03-12');
        self::assertSame(Vehicle::Boat, $table->vehicle);
        self::assertSame(['p1', 'p2'], array_column($table->services, 'name'));
        self::assertSame([
            'Ombrel Quay' => ['07:10', '23:50'],
            'Little Sand, pier arrives' => ['07:22', '-'],
            'Little Sand, pier leaves' => ['07:26', '-'],
            'Cormorant "Old" Steps' => ['07:35', '-'],
            'Fell Harbour' => ['07:53', '24:25'],
        ], self::shown($table));
        // a stop without a time of its own is a dash
        self::assertSame(['Ombrel Quay' => ['09:40'], 'Little Sand, pier' => ['-'], 'Fell Harbour' => ['10:15']], self::shown($feed->table('P', '0', '2027-03-13')));
        // by the exceptions the Monday is a Saturday
        self::assertSame(['p3'], array_column($feed->table('P', '0', '2027-05-03')->services, 'name'));
        self::assertSame(['Fell Harbour' => ['08:10'], 'Ombrel Quay' => ['08:49']], self::shown($feed->table('P', '1', '2027-03-12')));
        // only in calendar_dates; no seconds in a timetable
        self::assertSame(['Fell Harbour' => ['12:00'], 'Ombrel Quay' => ['12:09']], self::shown($feed->table('B', null, '2027-06-12')));
    }

    /** @return array<string, list<string>> */
    private static function shown(ServiceTable $table): array
    {
        $shown = [];
        foreach ($table->rows() as $row) {
            $shown[trim($row->name.' '.$row->what)] = array_map(static fn (?int $time): string => null === $time ? '-' : \sprintf('%02d:%02d', intdiv($time, 60), $time % 60), $row->times);
        }

        return $shown;
    }

    public function testOnlyOneOfTheCalendarsIsNeeded(): void
    {
        $feed = self::FEED;
        unset($feed['calendar.txt'], $feed['agency.txt']);
        $feed['calendar_dates.txt'] = "service_id,date,exception_type\nweek,20270312,1\nsat,20270312,1\nfair,20270612,1\n";
        self::assertCount(3, Feed::read(new MemoryFiles($feed))->table('P', '0', '2027-03-12')->services);
        $feed = self::FEED;
        unset($feed['calendar_dates.txt']);
        $feed['trips.txt'] = str_replace('fair', 'week', $feed['trips.txt']);
        self::assertCount(1, Feed::read(new MemoryFiles($feed))->table('B', null, '2027-03-12')->services);
    }

    public function testRepeatsWhatIsFrequent(): void
    {
        $feed = self::FEED;
        $feed['frequencies.txt'] = "trip_id,start_time,end_time,headway_secs,exact_times\nb1,09:00:00,10:00:00,1200,1\n";
        self::assertSame(['Fell Harbour' => ['09:00', '09:20', '09:40'], 'Ombrel Quay' => ['09:09', '09:29', '09:49']], self::shown(Feed::read(new MemoryFiles($feed))->table('B', null, '2027-06-12')));
    }

    /** @return iterable<string, array{string, string, string, string}> what is added to the trips, the times and the frequencies of a feed that nobody reads */
    public static function enormous(): iterable
    {
        yield 'a trip that is repeated into the day after the next' => ['', '', "b1,59:00:00,59:59:00,60\n", 'two days'];
        yield 'one that is repeated every minute' => ['', '', "b1,00:00:00,24:00:00,60\n", 'services'];
        yield 'a trip that calls at one stop all day' => ['', implode('', array_map(static fn (int $i): string => "b1,13:00:00,13:00:00,Q,$i,0\n", range(10, 50_000))), '', 'stops'];
        yield 'as many trips as there are' => [
            implode('', array_map(static fn (int $i): string => "B,fair,x$i,,Market,x\n", range(10, 5_000))),
            implode('', array_map(static fn (int $i): string => "x$i,13:00:00,13:00:00,F,1,0\nx$i,13:10:00,13:10:00,Q,2,0\n", range(10, 5_000))),
            '',
            'services',
        ];
    }

    #[DataProvider('enormous')]
    public function testWhatNoTableHoldsIsRefusedQuickly(string $trips, string $times, string $frequencies, string $says): void
    {
        $feed = self::FEED;
        $feed['trips.txt'] .= $trips;
        $feed['stop_times.txt'] .= $times;
        if ('' !== $frequencies) {
            $feed['frequencies.txt'] = "trip_id,start_time,end_time,headway_secs\n".$frequencies;
        }
        $read = Feed::read(new MemoryFiles($feed));
        $start = hrtime(true);
        try {
            $read->table('B', null, '2027-06-12');
            self::fail('It was taken.');
        } catch (NotATable $no) {
            self::assertStringContainsString($says, $no->getMessage());
        }
        self::assertLessThan(2.0, (hrtime(true) - $start) / 1e9);
    }

    public function testDirectionsThatAreNotSaidAreFound(): void
    {
        $feed = self::FEED;
        $feed['trips.txt'] = preg_replace('/,[01],/', ',,', $feed['trips.txt']) ?? '';
        $read = Feed::read(new MemoryFiles($feed));
        self::assertSame(['0', '1'], array_column($read->choices()[1]->directions, 'id'));
        self::assertCount(2, $read->table('P', null, '2027-03-12')->services);
        self::assertCount(1, $read->table('P', '1', '2027-03-12')->services);
    }

    public function testALoopCallsTwice(): void
    {
        $feed = self::FEED;
        $feed['stop_times.txt'] .= "b1,12:30:00,12:30:00,F,3,0\n";
        $table = Feed::read(new MemoryFiles($feed))->table('B', null, '2027-06-12');
        self::assertSame(['Fell Harbour', 'Ombrel Quay', 'Fell Harbour'], $table->stops);
        self::assertSame([1], $table->askable(), 'which of the two is meant cannot be said by its name');
    }

    /** @return iterable<string, array{string, string, string, string, int, string}> file, what is there, what stands in its place, file and line of the fault, a part of what is said */
    public static function faulty(): iterable
    {
        yield 'no stops' => ['stops.txt', '', '', 'stops.txt', 0, 'missing'];
        yield 'no times' => ['stop_times.txt', '', '', 'stop_times.txt', 0, 'missing'];
        yield 'an empty file' => ['routes.txt', self::FEED['routes.txt'], "\n", 'routes.txt', 0, 'empty'];
        yield 'a field missing' => ['trips.txt', 'trip_id', 'tripid', 'trips.txt', 1, 'trip_id is missing'];
        yield 'a field twice' => ['routes.txt', 'agency_id', 'route_id', 'routes.txt', 1, 'same name'];
        yield 'a stop twice' => ['stops.txt', 'C,"Cormorant', 'L,"Cormorant', 'stops.txt', 4, 'L is there twice'];
        yield 'a stop without a name' => ['stops.txt', 'Fell Harbour', '', 'stops.txt', 5, 'has no name'];
        yield 'no such kind of vehicle' => ['routes.txt', 'Pintail,4', 'Pintail,boat', 'routes.txt', 2, '"boat"'];
        yield 'a route without a name' => ['routes.txt', 'Shore bus', '', 'routes.txt', 3, 'no name'];
        yield 'no such route' => ['trips.txt', 'B,fair', 'X,fair', 'trips.txt', 6, 'route X'];
        yield 'no such service' => ['trips.txt', 'P,sat', 'P,sun', 'trips.txt', 4, 'service sun'];
        yield 'no such direction' => ['trips.txt', 'r1,1', 'r1,2', 'trips.txt', 5, '"2"'];
        yield 'a trip twice' => ['trips.txt', 'week,p2', 'week,p1', 'trips.txt', 3, 'p1 is there twice'];
        yield 'no such trip' => ['stop_times.txt', 'b1,12:00', 'b9,12:00', 'stop_times.txt', 13, 'trip b9'];
        yield 'no such stop' => ['stop_times.txt', '24:25:00,F', '24:25:00,Z', 'stop_times.txt', 3, 'stop Z'];
        yield 'no such time' => ['stop_times.txt', '07:35:00,07:35:00', '07:65:00,07:35:00', 'stop_times.txt', 6, '"07:65:00"'];
        yield 'too late a time' => ['stop_times.txt', '24:25:00,24:25:00', '99:25:00,99:25:00', 'stop_times.txt', 3, '"99:25:00"'];
        yield 'a time without seconds' => ['stop_times.txt', '07:53:00,07:53:00', '07:53,07:53', 'stop_times.txt', 7, '"07:53"'];
        yield 'leaving before arriving' => ['stop_times.txt', '7:22:00,7:26:00', '7:22:00,7:20:00', 'stop_times.txt', 5, 'before it arrives'];
        yield 'going back in time' => ['stop_times.txt', '07:53:00,07:53:00', '07:30:00,07:30:00', 'stop_times.txt', 7, 'back in time'];
        yield 'a number twice' => ['stop_times.txt', 'C,3', 'C,2', 'stop_times.txt', 6, 'twice'];
        yield 'no number' => ['stop_times.txt', 'C,3', 'C,third', 'stop_times.txt', 6, '"third"'];
        yield 'no time at the end' => ['stop_times.txt', '08:49:00,08:49:00', ',', 'stop_times.txt', 12, 'last stop'];
        yield 'one call only' => ['stop_times.txt', "b1,12:09:30,12:09:30,Q,2,0\n", '', 'trips.txt', 6, 'fewer than two'];
        yield 'no such day' => ['calendar.txt', '20270301,20271031'."\nsat", '20270231,20271031'."\nsat", 'calendar.txt', 2, '"20270231"'];
        yield 'an end before the start' => ['calendar.txt', '20270301,20271031'."\nsat", '20270301,20270228'."\nsat", 'calendar.txt', 2, 'before it begins'];
        yield 'neither 0 nor 1' => ['calendar.txt', 'week,1,1', 'week,1,2', 'calendar.txt', 2, 'tuesday is "2"'];
        yield 'no such exception' => ['calendar_dates.txt', 'fair,20270612,1', 'fair,20270612,3', 'calendar_dates.txt', 4, '"3"'];
        yield 'two exceptions on a day' => ['calendar_dates.txt', "sat,20270503,1\n", "week,20270503,1\n", 'calendar_dates.txt', 3, 'two exceptions'];
        yield 'an open quotation mark' => ['stops.txt', '"Little Sand, pier"', '"Little Sand, pier', 'stops.txt', 3, 'quotation mark'];
        yield 'more fields than the head' => ['calendar_dates.txt', 'fair,20270612,1', 'fair,20270612,1,1', 'calendar_dates.txt', 4, '4 fields'];
        yield 'a required value missing' => ['stop_times.txt', 'C,3', ',3', 'stop_times.txt', 6, 'stop_id is empty'];
        yield 'UTF-16' => ['stops.txt', "\xEF\xBB\xBF", "\xFF\xFE", 'stops.txt', 1, 'UTF-16'];
    }

    #[DataProvider('faulty')]
    public function testNamesTheFaultAndTakesNothing(string $file, string $there, string $instead, string $where, int $line, string $says): void
    {
        $feed = self::FEED;
        if ('' === $there) {
            unset($feed[$file]);
        } else {
            self::assertStringContainsString($there, $feed[$file] ?? '');
            $feed[$file] = str_replace($there, $instead, $feed[$file] ?? '');
        }
        try {
            Feed::read(new MemoryFiles($feed));
            self::fail('It was taken.');
        } catch (NotATable $no) {
            $found = array_filter($no->faults, static fn (TableFault $fault): bool => $where === $fault->file && $line === $fault->line && str_contains($fault->says, $says));
            self::assertNotSame([], $found, $no->getMessage());
        }
    }

    public function testManyFaultsAreNamedTogether(): void
    {
        $feed = self::FEED;
        $feed['stop_times.txt'] = str_replace(':00', ':99', $feed['stop_times.txt']);
        try {
            Feed::read(new MemoryFiles($feed));
            self::fail('It was taken.');
        } catch (NotATable $no) {
            self::assertGreaterThan(8, \count($no->faults));
            self::assertLessThanOrEqual(20, \count($no->faults));
        }
    }

    /** Whatever it is made of, a feed is read or refused, and nothing else happens. */
    public function testAnythingAtAll(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        $refused = 0;
        for ($i = 0; $i < 1500; ++$i) {
            $feed = self::FEED;
            $file = $chance->pickArrayKeys($feed, 1)[0];
            $text = $feed[$file];
            $at = $chance->getInt(0, \strlen($text) - 1);
            $feed[$file] = match ($i % 5) {
                0 => substr($text, 0, $at),
                1 => substr($text, 0, $at).$chance->getBytes(3).substr($text, $at),
                2 => substr($text, 0, $at).substr($text, $at + $chance->getInt(1, 9)),
                3 => implode("\n", $chance->shuffleArray(explode("\n", $text))),
                default => substr($text, 0, $at).['"', ',', "\n", '-1', "\0", '24:00:00', '9'][$chance->getInt(0, 6)].substr($text, $at),
            };
            try {
                $read = Feed::read(new MemoryFiles($feed));
                foreach ($read->choices() as $choice) {
                    $read->table($choice->id, null, $choice->first);
                }
            } catch (NotATable $no) {
                ++$refused;
                self::assertNotSame('', $no->getMessage());
            }
        }
        self::assertGreaterThan(300, $refused);
    }

    /** 200 000 times in under ten seconds and 256 MB, as was asked for; it is about one second. */
    public function testALargeFeed(): void
    {
        $times = "trip_id,arrival_time,departure_time,stop_id,stop_sequence\n";
        $trips = "route_id,service_id,trip_id\n";
        $stops = "stop_id,stop_name\n";
        for ($stop = 0; $stop < 40; ++$stop) {
            $stops .= "s$stop,Stop $stop\n";
        }
        for ($trip = 0; $trip < 5000; ++$trip) {
            $trips .= 'r'.($trip % 50).",week,t$trip\n";
            for ($stop = 0; $stop < 40; ++$stop) {
                $minute = 300 + intdiv($trip, 50) * 10 + 2 * $stop;
                $time = \sprintf('%02d:%02d:00', intdiv($minute, 60), $minute % 60);
                $times .= "t$trip,$time,$time,s$stop,$stop\n";
            }
        }
        $routes = "route_id,route_short_name,route_type\n";
        for ($route = 0; $route < 50; ++$route) {
            $routes .= "r$route,$route,3\n";
        }
        $files = new MemoryFiles(['stops.txt' => $stops, 'routes.txt' => $routes, 'trips.txt' => $trips, 'stop_times.txt' => $times, 'calendar.txt' => self::FEED['calendar.txt']]);
        $before = memory_get_usage();
        $start = hrtime(true);
        $feed = Feed::read($files);
        $table = $feed->table('r7', null, '2027-03-12');
        self::assertLessThan(10.0, (hrtime(true) - $start) / 1e9);
        self::assertLessThan(200_000_000, memory_get_usage() - $before);
        self::assertCount(100, $table->services);
        self::assertCount(40, $table->stops);
    }

    /** What is made of a feed goes out as CSV, and comes in again the same. */
    public function testGoesOutAsCsvAndComesBack(): void
    {
        $table = Feed::read(new MemoryFiles(self::FEED))->table('P', '0', '2027-03-12');
        $again = CsvTable::read(CsvTable::write($table), $table->title, $table->vehicle);
        self::assertSame(self::shown($table), self::shown($again));
        self::assertEquals(Call::of(442, 446), $again->services[0]->at(1));
        self::assertSame(array_map(static fn (TableRow $row): string => $row->what, $table->rows()), array_map(static fn (TableRow $row): string => $row->what, $again->rows()));
    }

    /** The feed of the Pintail and the tables of the island say the same. */
    public function testTheIslandsFeedIsItsTables(): void
    {
        $files = [];
        foreach (glob(__DIR__.'/../../timetables/pintail/*.txt') ?: [] as $path) {
            $files[basename($path)] = (string) file_get_contents($path);
        }
        $feed = Feed::read(new MemoryFiles($files));
        $island = new Island();
        foreach (['summer' => ['2027-06-15', '2027-06-12'], 'winter' => ['2027-11-16', '2027-11-13']] as $season => [$tuesday, $saturday]) {
            foreach (['0' => 'out', '1' => 'back'] as $direction => $way) {
                foreach ([2 => $tuesday, 6 => $saturday] as $day => $date) {
                    $expected = $island->table("pintail-$season-$way")->part(null, $day);
                    self::assertNotNull($expected);
                    self::assertSame(self::shown($expected), self::shown($feed->table('pintail', (string) $direction, $date)), "$season $way $date");
                }
            }
        }
        // harbour day, a Monday, goes by the weekend's table
        self::assertSame(self::shown($feed->table('pintail', '0', '2027-06-13')), self::shown($feed->table('pintail', '0', '2027-06-14')));
    }
}
