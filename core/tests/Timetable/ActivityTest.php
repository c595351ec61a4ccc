<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Timetable;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Tests\Core;
use Rostik\Core\Timetable\ActivityMaker;
use Rostik\Core\Timetable\ActivityRow;
use Rostik\Core\Timetable\ActivityTable;
use Rostik\Core\Timetable\CausewayMaker;
use Rostik\Core\Timetable\HiddenPart;
use Rostik\Core\Timetable\Island;
use Rostik\Core\Timetable\NoSuchQuestion;
use Rostik\Core\Timetable\QuestionMaker;
use Rostik\Core\Timetable\TideTable;
use Rostik\Core\Timetable\Weekdays;

/** Activity tables, the tides and the causeway, and the tables of the island. */
final class ActivityTest extends TestCase
{
    public function testARowIsFoundByItsSum(): void
    {
        $maker = new ActivityMaker();
        $parts = [];
        foreach (Level::cases() as $level) {
            foreach (range(1, 300) as $seed) {
                $table = $maker->make($level, 1 + $seed % 8, $seed);
                foreach ($table->rows as $i => $row) {
                    $answer = $row->sum()->answer();
                    $parts[$level->value][$row->hidden->value] = true;
                    match ($row->hidden) {
                        HiddenPart::Start => self::assertTrue($answer instanceof TimeAnswer && $answer->time->minutes === $row->start),
                        HiddenPart::End => self::assertTrue($answer instanceof TimeAnswer && $answer->time->minutes === $row->start + $row->minutes),
                        HiddenPart::Length => self::assertTrue($answer instanceof LengthAnswer && $answer->amount->duration->minutes() === $row->minutes),
                    };
                    if ($i > 0) {
                        self::assertGreaterThanOrEqual($table->rows[$i - 1]->end(), $row->start);
                    }
                    if (Level::Support === $level) {
                        self::assertSame([0, 0], [$row->start % 5, $row->minutes % 5]);
                    }
                    if (null !== $row->after) {
                        $parts[$level->value]['after'] = true;
                        self::assertSame($table->rows[$i - 1], $row->after);
                    }
                }
            }
        }
        self::assertSame(['end'], array_keys($parts['support']), 'always the same one');
        self::assertCount(3, $parts['core']);
        self::assertCount(4, $parts['stretch'], 'one row depends on another');
    }

    public function testEachDayHasItsOwn(): void
    {
        $maker = new ActivityMaker();
        self::assertGreaterThanOrEqual(4, \count($maker->days()));
        foreach ($maker->days() as $day) {
            $table = $maker->make(Level::Core, 6, 3, $day);
            self::assertSame($day, $table->title);
            self::assertCount(6, $table->rows);
            self::assertEquals($table, $maker->make(Level::Core, 6, 3, $day), 'the same seed gives the same');
        }
    }

    public function testNobodyIsInTwoPlaces(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        ActivityTable::of('', [ActivityRow::of('Seal count', 600, 45, HiddenPart::End), ActivityRow::of('Tea', 630, 15, HiddenPart::End)]);
    }

    public function testNothingGoesOverMidnight(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        ActivityRow::of('Seal count', 1400, 45, HiddenPart::End);
    }

    /** The rule of the scenario, stated once more in plain minutes. */
    public function testTheCausewayIsOpenBetweenTheTides(): void
    {
        $tides = TideTable::of(2, [100, 850, 1590]);
        self::assertSame([[290, 680], [1040, 1420]], array_map(static fn ($window): array => [$window->opens, $window->closes], $tides->windows()));
        self::assertSame([[100, 850], [150]], $tides->byDay());
        $maker = Core::get(CausewayMaker::class);
        $seen = [];
        foreach (Level::cases() as $level) {
            foreach (range(1, 120) as $seed) {
                $table = $maker->table($level, $seed);
                // 12 h 25 min apart on average, ten minutes more or less
                foreach (\array_slice($table->tides, 1) as $i => $tide) {
                    self::assertEqualsWithDelta(745, $tide - $table->tides[$i], 10);
                }
                foreach ($maker->make($table, $level, 8, $seed) as $question) {
                    $seen[$question->kind][$question->answer->value] = true;
                    $at = (int) $question->with->at;
                    $before = max([-1, ...array_filter($table->tides, static fn (int $tide): bool => $tide <= $at)]);
                    $after = min([99999, ...array_filter($table->tides, static fn (int $tide): bool => $tide > $at)]);
                    $clock = static fn (int $m): string => \sprintf('%02d:%02d', intdiv($m % 1440, 60), $m % 60);
                    $stay = $after - 170 - $at;
                    self::assertSame(match ($question->kind) {
                        'opens' => $clock($at + 190),
                        'closes' => $clock($at - 170),
                        'may-cross' => $at >= $before + 190 && $at <= $after - 170 ? 'yes' : 'no',
                        default => 'PT'.($stay >= 60 ? intdiv($stay, 60).'H' : '').(0 === $stay % 60 ? '' : ($stay % 60).'M'),
                    }, $question->answer->value, $question->text);
                    foreach ($question->wrong as $wrong) {
                        self::assertNotSame($question->answer->value, $wrong->value);
                    }
                }
            }
        }
        self::assertSame(CausewayMaker::KINDS, array_keys($seen + array_flip(CausewayMaker::KINDS)));
        self::assertCount(2, $seen['may-cross'] ?? []);
        self::assertStringContainsString('never by a sum', TideTable::CAUTION);
    }

    public function testTheIslandHasItsTables(): void
    {
        $island = new Island();
        self::assertCount(4, $island->ids());
        foreach ($island->ids() as $id) {
            $table = $island->table($id);
            self::assertCount(4, $table->stops);
            self::assertTrue($table->mixesDays());
            foreach (Level::cases() as $level) {
                self::assertCount(20, Core::get(QuestionMaker::class)->make($table, $level, 20, 5), $id);
            }
        }
    }

    public function testAQuestionThatATableDoesNotAnswerIsRefused(): void
    {
        $this->expectException(NoSuchQuestion::class);
        $this->expectExceptionMessage('Nowhere');
        $kind = Core::get(\Rostik\Core\Timetable\Kinds::class)->all['next'];
        $kind->pose((new Island())->table('pintail-summer-out'), new \Rostik\Core\Timetable\With(stop: 'Nowhere', at: 600, day: 'Monday'), \Rostik\Core\Notation\Writer::plain());
    }

    /** Days as they stand in the heads of tables. */
    public function testReadsDays(): void
    {
        foreach (['Mon-Fri' => [1, 2, 3, 4, 5], 'mondays to fridays' => [1, 2, 3, 4, 5], 'Sat' => [6], 'Saturdays and Sundays' => [6, 7], 'Fri–Mon' => [1, 5, 6, 7], 'daily' => [1, 2, 3, 4, 5, 6, 7], 'Tu, Th' => [2, 4], 'weekdays' => [1, 2, 3, 4, 5]] as $text => $days) {
            self::assertSame($days, Weekdays::read($text)?->days, $text);
            self::assertSame($days, Weekdays::read(Weekdays::of(...$days)->said())?->days, $text);
        }
        foreach (['', 'often', 'M', 'Mon-Tue-Wed', '-', 'Mon-'] as $text) {
            self::assertNull(Weekdays::read($text), $text);
        }
    }
}
