<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Timetable;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;
use Rostik\Core\Timetable\AnyTable;
use Rostik\Core\Timetable\Call;
use Rostik\Core\Timetable\CsvTable;
use Rostik\Core\Timetable\Island;
use Rostik\Core\Timetable\Kinds;
use Rostik\Core\Timetable\NoSuchQuestion;
use Rostik\Core\Timetable\Service;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableAsking;
use Rostik\Core\Timetable\TableDrawer;
use Rostik\Core\Timetable\TableLine;
use Rostik\Core\Timetable\TideTable;
use Rostik\Core\Timetable\Vehicle;
use Rostik\Core\Timetable\Weekdays;

/** Questions about a timetable as a sheet keeps them: in a line, asked again, others in their place, all times moved. */
final class TableLineTest extends TestCase
{
    public function testWhatIsKeptAsksTheSameAgain(): void
    {
        $asking = Core::get(TableAsking::class);
        $kinds = [];
        foreach ($this->tables() as [$table, $level]) {
            foreach ($asking->draw($table, $level, 16, 5, null) as $line) {
                $text = $line->write();
                self::assertTrue(TableLine::is($text));
                self::assertLessThanOrEqual(300, mb_strlen($text), 'it fits into the place of a sum');
                $read = TableLine::read($text);
                self::assertEquals($line, $read);
                $question = $asking->ask($text, $table, Writer::plain());
                self::assertSame($line->kind, $question->kind);
                self::assertStringNotContainsString('{', $question->text);
                $kinds[$line->kind] = true;
            }
        }
        self::assertSame([], array_diff([...array_keys(Core::get(Kinds::class)->all), 'opens', 'closes', 'may-cross', 'stay'], array_keys($kinds)));
    }

    /** Answers that are times move with the table, lengths and services stay as they are. */
    public function testAMovedTableMovesWhatIsAsked(): void
    {
        $asking = Core::get(TableAsking::class);
        $seen = 0;
        foreach ($this->tables() as [$table, $level]) {
            $moves = $table->moves();
            if ($table instanceof ServiceTable) {
                self::assertNotSame([], $moves);
            }
            foreach ([$moves[0] ?? 0, $moves[\count($moves) - 1] ?? 0] as $by) {
                $moved = $table->later($by);
                foreach ($asking->draw($table, $level, 12, 7, null) as $line) {
                    $before = $asking->ask($line->write(), $table, Writer::plain())->answer;
                    try {
                        $after = $asking->ask($line->later($by)->write(), $moved, Writer::plain())->answer;
                    } catch (NoSuchQuestion) {
                        // a moment near midnight may lie on no day any more
                        continue;
                    }
                    ++$seen;
                    self::assertSame($before->service, $after->service);
                    if (null !== $before->time) {
                        self::assertSame($before->time + $by, $after->time, $line->write().' by '.$by);
                    } else {
                        self::assertSame($before->value, $after->value, $line->write().' by '.$by);
                    }
                }
            }
        }
        self::assertGreaterThan(300, $seen);
    }

    public function testMovesKeepEveryTimeOnItsDayAndOnTheFives(): void
    {
        $table = $this->boats([[10, 70], [1400, 1430]]);
        $moves = $table->moves();
        self::assertSame([5, -5, -10], $moves);
        $night = $this->boats([[1437, 1442]]);
        self::assertSame([1, -1, 2, -2], $night->moves());
        // to 00:00 at the earliest, to 23:59 at the latest: nothing is left where both ends are full
        self::assertSame([], $this->boats([[0, 1439]])->moves());
    }

    public function testOthersAreOfTheKindAndNotTakenYet(): void
    {
        $asking = Core::get(TableAsking::class);
        $table = (new Island())->table('pintail-summer-out');
        foreach (Core::get(Kinds::class)->all as $id => $kind) {
            $level = $kind->levels()[0] ?? Level::Core;
            $mine = $asking->draw($table, $level, 1, 3, [$id])[0] ?? null;
            if (null === $mine) {
                continue;
            }
            $others = $asking->others($mine, $table, $level, 5, 3, [$mine->write() => true]);
            $lines = array_map(static fn (TableLine $one): string => $one->write(), [$mine, ...$others]);
            self::assertSame($lines, array_values(array_unique($lines)), $id);
            self::assertSame([$id], array_values(array_unique(array_map(static fn (TableLine $one): string => $one->kind, $others))) ?: [$id]);
            self::assertSame($kind->rung(), $asking->rung($mine->write()));
        }
        foreach ($asking->rungs() as $rung) {
            foreach (Level::cases() as $level) {
                // nobody changes at the support level; otherwise some table has three, though not each
                $most = 0;
                foreach (range(1, 6) as $seed) {
                    $lines = $asking->forRung($rung, (new TableDrawer())->draw($level, $seed), $level, 3, 1);
                    $most = max($most, \count($lines));
                    self::assertSame([], array_filter($lines, static fn (TableLine $one): bool => $asking->rung($one->write()) !== $rung));
                }
                self::assertSame('timetable-change' === $rung && Level::Support === $level ? 0 : 3, $most, $rung.' '.$level->value);
            }
        }
    }

    public function testWhatIsNoLineOrHasNoTableIsRefusedInASentence(): void
    {
        $asking = Core::get(TableAsking::class);
        foreach (['table', 'table next', 'table next {', 'table next []', 'table next {"shop":"x"}', 'table next {"at":"9"}', 'table NEXT {}', 'next {"stop":"Little Sand"}', "table next {\"stop\":\"\xff\"}"] as $text) {
            self::assertNull(TableLine::read($text), $text);
            self::assertNull($asking->rung($text));
        }
        $table = (new Island())->table('pintail-summer-out');
        $tides = TideTable::draw(3, 5, new Dice(1));
        $good = $asking->draw($table, Level::Core, 1, 1, ['next'])[0]->write();
        $refused = [];
        foreach ([[$good, null], ['table next {"stop":"Nowhere"', $table], ['table fly {}', $table], [$good, $tides], ['table opens {"at":"00:01"}', $tides], ['table stay {}', $tides], ['table next {}', $table], ['table how-long {"from":"Little Sand","to":"Ombrel Quay","service":0,"day":"Monday"}', $table]] as [$text, $of]) {
            try {
                $asking->ask($text, $of, Writer::plain());
                self::fail($text.' is asked');
            } catch (NoSuchQuestion $none) {
                $refused[] = $none->getMessage();
                self::assertMatchesRegularExpression('/^[A-Z].*\.$/', $none->getMessage());
            }
        }
        self::assertCount(8, $refused);
    }

    public function testTidesGoOutAndComeInAgain(): void
    {
        for ($seed = 1; $seed <= 200; ++$seed) {
            $tides = TideTable::draw(2 + $seed % 4, 1 + 4 * ($seed % 2), new Dice($seed));
            self::assertEquals($tides, TideTable::read($tides->csv()));
        }
        foreach (['', 'Stop,1', "Day,High tide,High tide\r\n", "Day,High tide,High tide\nDay 1,09:00,10:00\n", "Day,High tide,High tide\nDay 1,soon,-\n"] as $csv) {
            self::assertNull(TideTable::read($csv), $csv);
        }
        self::assertEquals($table = (new Island())->table('pintail-winter-out'), CsvTable::read($table->csv(), $table->title(), $table->vehicle));
    }

    /** @return iterable<array{AnyTable, Level}> */
    private function tables(): iterable
    {
        $island = new Island();
        foreach (Level::cases() as $level) {
            foreach ($island->ids() as $id) {
                yield [$island->table($id), $level];
            }
            foreach (range(1, 6) as $seed) {
                yield [(new TableDrawer())->draw($level, $seed), $level];
                yield [TideTable::draw(4, $level->step(), new Dice($seed)), $level];
            }
        }
    }

    /** @param list<array{int, int}> $runs */
    private function boats(array $runs): ServiceTable
    {
        $daily = Weekdays::of(1, 2, 3, 4, 5, 6, 7);

        return ServiceTable::of('', Vehicle::Boat, ['Ombrel Quay', 'Little Sand'], array_map(static fn (array $run): Service => Service::of('', $daily, [Call::of($run[0]), Call::of($run[1])]), $runs));
    }
}
