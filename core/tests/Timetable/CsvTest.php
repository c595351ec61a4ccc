<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Timetable;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\Core\Skill\Level;
use Rostik\Core\Timetable\CsvTable;
use Rostik\Core\Timetable\NotATable;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableDrawer;
use Rostik\Core\Timetable\With;

/** Timetables as CSV: as people write and save them, and what is wrong with those that are none. */
final class CsvTest extends TestCase
{
    /** @return iterable<string, array{string, list<list<string>>}> */
    public static function written(): iterable
    {
        $usual = [['09:40', '10:55'], ['09:52', '-'], ['10:19', '11:28']];
        yield 'plain' => ["Stop,1,2\nOmbrel Quay,09:40,10:55\nLittle Sand,09:52,-\nFell Harbour,10:19,11:28\n", $usual];
        yield 'points and semicolons' => [";1;2\r\nOmbrel Quay;9.40;10.55\r\nLittle Sand;9.52;\r\nFell Harbour;10.19;11.28\r\n", $usual];
        yield 'tabs, a byte-order mark and a last line without an end' => ["\xEF\xBB\xBFStop\t1\t2\nOmbrel Quay\t0940\t1055\nLittle Sand\t0952\t…\nFell Harbour\t1019\t1128", $usual];
        yield 'a.m. and p.m.' => ["Stop,1,2\nOmbrel Quay,9:40 am,10:55 a.m.\nLittle Sand,9:52am,|\nFell Harbour,10:19 AM,11:28 am\n", $usual];
        yield 'seconds, and times in quotation marks' => ["Stop,1,2\n\"Ombrel Quay\",\"09:40:00\",\"10:55\"\nLittle Sand,09h52,–\nFell Harbour,10:19,11:28\n", $usual];
        yield 'empty lines, and commas at the end' => ["Stop,1,2,,\n\nOmbrel Quay,09:40,10:55,,\nLittle Sand,09:52,-,,\n\n\nFell Harbour,10:19,11:28,,\n\n", $usual];
        yield 'old ends of line' => ["Stop,1,2\rOmbrel Quay,09:40,10:55\rLittle Sand,09:52,-\rFell Harbour,10:19,11:28\r", $usual];
        yield 'past midnight' => ["Stop,1,2\nOmbrel Quay,23:50,00:20\nLittle Sand,00:02,00:32\n", [['23:50', '24:20'], ['24:02', '24:32']]];
        yield 'past midnight, said' => ["Stop,1\nOmbrel Quay,23:50\nLittle Sand,24:02\n", [['23:50'], ['24:02']]];
        yield 'the first of the day is none of the last' => ["Stop,1,2\nOmbrel Quay,00:20,06:10\nLittle Sand,00:32,06:22\n", [['00:20', '06:10'], ['00:32', '06:22']]];
        yield 'afternoon' => ["Stop,1\nOmbrel Quay,12:50 pm\nLittle Sand,1:02 pm\n", [['12:50'], ['13:02']]];
    }

    /** @param list<list<string>> $times */
    #[DataProvider('written')]
    public function testIsReadAsPeopleWriteIt(string $csv, array $times): void
    {
        $table = CsvTable::read($csv);
        self::assertSame($times, self::shown($table));
        self::assertSame('Ombrel Quay', $table->stops[0]);
    }

    /** @return list<list<string>> */
    private static function shown(ServiceTable $table): array
    {
        return array_map(static fn ($row): array => array_map(static fn (?int $time): string => null === $time ? '-' : With::clock($time), $row->times), $table->rows());
    }

    public function testDaysAndTwoRowsOfAStop(): void
    {
        $table = CsvTable::read("Stop,a,b,c\nDays,Mon-Fri,Saturdays,\nOmbrel Quay,09:40,09:50,10:00\nLittle Sand arr.,09:52,10:02,10:12\nLittle Sand dep.,09:55,10:02,10:15\nFell Harbour,10:19,10:30,10:40\n");
        self::assertSame(['Ombrel Quay', 'Little Sand', 'Fell Harbour'], $table->stops);
        self::assertSame([1, 2, 3, 4, 5], $table->services[0]->days->days);
        self::assertSame([6], $table->services[1]->days->days);
        self::assertTrue($table->services[2]->days->isDaily());
        self::assertTrue($table->mixesDays());
        self::assertSame(592, $table->services[0]->arrives(1));
        self::assertSame(595, $table->services[0]->leaves(1));
        self::assertCount(4, $table->rows());
    }

    public function testGoesOutAndComesBackTheSame(): void
    {
        foreach (Level::cases() as $level) {
            foreach (range(1, 60) as $seed) {
                $table = (new TableDrawer())->draw($level, $seed);
                self::assertEquals($table, CsvTable::read(CsvTable::write($table), $table->title, $table->vehicle));
            }
        }
    }

    public function testASpreadsheetTakesNothingForAFormula(): void
    {
        $csv = CsvTable::write(CsvTable::read("Stop,=1+1,@x\n+A,09:40,10:55\nB,09:52,11:10\n"));
        self::assertStringContainsString("'=1+1", $csv);
        self::assertStringContainsString("'@x", $csv);
        self::assertStringContainsString("'+A", $csv);
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function faulty(): iterable
    {
        yield 'nothing' => ['', 0, 'first row'];
        yield 'no services' => ["Stop\nOmbrel Quay\nLittle Sand\n", 1, 'first row'];
        yield 'one stop' => ["Stop,1\nOmbrel Quay,09:40\n", 0, 'two stops'];
        yield 'no time' => ["Stop,1\nOmbrel Quay,09:40\nLittle Sand,soon\n", 3, '"soon" in column 2'];
        yield 'no such time' => ["Stop,1\nOmbrel Quay,09:40\nLittle Sand,09:75\n", 3, '"09:75"'];
        yield 'no such hour' => ["Stop,1\nOmbrel Quay,13:40 pm\nLittle Sand,14:00\n", 2, '"13:40 pm"'];
        yield 'back in time' => ["Stop,1\nOmbrel Quay,10:35\nLittle Sand,10:20\n", 3, 'goes back from 10:35 to 10:20'];
        yield 'after noon by the 12-hour clock' => ["Stop,1\nOmbrel Quay,12:50\nLittle Sand,1:05\n", 3, 'write 13:05'];
        yield 'a time below no service' => ["Stop,1\nOmbrel Quay,09:40,09:50\nLittle Sand,09:52\n", 2, 'column 3'];
        yield 'no stop' => ["Stop,1\nOmbrel Quay,09:40\n,09:52\n", 3, 'empty'];
        yield 'a service with one call' => ["Stop,1,2\nOmbrel Quay,09:40,-\nLittle Sand,09:52,10:00\n", 1, 'Service 2 (2)'];
        yield 'no days' => ["Stop,1\nDays,often\nOmbrel Quay,09:40\nLittle Sand,09:52\n", 2, '"often"'];
        yield 'an open quotation mark' => ["Stop,1\nOmbrel Quay,\"09:40\nLittle Sand,09:52\n", 2, 'quotation mark'];
        yield 'too much' => [str_repeat('x', 500_001), 0, '500 kB'];
        yield 'too many services' => ['Stop'.str_repeat(',1', 301)."\nA".str_repeat(',09:00', 301)."\nB".str_repeat(',09:10', 301)."\n", 0, 'a part of it'];
    }

    #[DataProvider('faulty')]
    public function testNamesTheFault(string $csv, int $line, string $says): void
    {
        try {
            CsvTable::read($csv);
            self::fail('It was taken.');
        } catch (NotATable $no) {
            self::assertSame($line, $no->faults[0]->line, $no->getMessage());
            self::assertStringContainsString($says, $no->faults[0]->says);
        }
    }

    /** Whatever it is, it is read or refused, and quickly. */
    public function testAnythingAtAll(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(11));
        $usual = "Stop,1,2\nDays,Mon-Fri,Sat\nOmbrel Quay,09:40,10:55\nLittle Sand,09:52,-\nFell Harbour,10:19,23:58\n";
        $refused = 0;
        for ($i = 0; $i < 3000; ++$i) {
            $at = $chance->getInt(0, \strlen($usual) - 1);
            $csv = match ($i % 4) {
                0 => $chance->getBytes($chance->getInt(1, 200)),
                1 => substr($usual, 0, $at).$chance->getBytes(2).substr($usual, $at),
                2 => substr($usual, 0, $at).substr($usual, $at + $chance->getInt(1, 6)),
                default => substr($usual, 0, $at).['"', ';', "\t", "\r", '99', '-', ':'][$chance->getInt(0, 6)].substr($usual, $at),
            };
            try {
                $table = CsvTable::read($csv);
                self::assertGreaterThanOrEqual(2, \count($table->stops));
            } catch (NotATable) {
                ++$refused;
            }
        }
        self::assertGreaterThan(700, $refused);
    }
}
