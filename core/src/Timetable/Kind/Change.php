<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Kind;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Timetable\Asked;
use Rostik\Core\Timetable\Cell;
use Rostik\Core\Timetable\Kind;
use Rostik\Core\Timetable\Misreading;
use Rostik\Core\Timetable\NoSuchQuestion;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableAnswer;
use Rostik\Core\Timetable\TableDice;
use Rostik\Core\Timetable\TableQuestion;
use Rostik\Core\Timetable\TableStep;
use Rostik\Core\Timetable\With;

/** With one service to a stop, and on from there with another. */
final class Change implements Kind
{
    /** In minutes; nobody waits longer for a change. */
    private const LONGEST_WAIT = 180;

    public static function precedence(): int
    {
        return 20;
    }

    public function id(): string
    {
        return 'change';
    }

    public function said(): string
    {
        return 'a change';
    }

    public function rung(): string
    {
        return 'timetable-change';
    }

    public function levels(): array
    {
        return [Level::Stretch];
    }

    public function draw(ServiceTable $table, Level $level, Dice $dice): ?With
    {
        $drawn = new TableDice($table, $level, $dice);
        $change = $drawn->change();
        $leaves = null === $change ? null : $table->service($change->service)?->leaves($change->from);
        $at = null === $leaves ? -1 : $leaves - $drawn->someMinutes(2, 15);

        return null === $change || $at < 0 ? null : new With(from: $table->stops[$change->from], to: $table->stops[$change->to], via: $table->stops[$change->via], at: $at, day: $drawn->day);
    }

    public function pose(ServiceTable $table, With $with, Writer $writer): TableQuestion
    {
        $asked = new Asked($table, $with, $writer);
        [$from, $via, $to, $at] = [$asked->stop($with->from), $asked->stop($with->via), $asked->stop($with->to), $asked->moment($with->at)];
        if ($from >= $via || $via >= $to) {
            throw NoSuchQuestion::notLinked();
        }
        $one = self::first($asked, $from, $via, $at);
        $arrives = (int) $asked->service($one)->arrives($via);
        $two = self::first($asked, $via, $to, $arrives);
        $there = (int) $asked->service($two)->arrives($to);
        $onFrom = (int) $asked->service($two)->leaves($via);
        if ($one === $two || $onFrom - $arrives > self::LONGEST_WAIT) {
            throw NoSuchQuestion::needs('a change');
        }
        foreach ($asked->departures($from, $to) as $straight => $leaves) {
            if ($leaves >= $at && (int) $asked->service($straight)->arrives($to) <= $there) {
                throw NoSuchQuestion::needs('a change');
            }
        }
        $onward = $asked->departures($via, $to);
        $gone = array_key_last(array_filter($onward, static fn (int $time): bool => $time < $arrives));
        $later = array_key_first(array_filter($onward, static fn (int $time): bool => $time > $onFrom));
        $answer = static fn (?int $number): ?TableAnswer => null === $number ? null : $asked->answerTime((int) $table->service($number)?->arrives($to), $number);

        return $asked->question($this, \sprintf('You are at %s at %s. You take the next %s to %s and change there. When do you get to %s?', $asked->name($from), $asked->time($at), $asked->vehicle(), $asked->name($via), $asked->name($to)), $answer($two) ?? throw NoSuchQuestion::nothingRuns(), [], [
            new TableStep(\sprintf('In the row of %s: the next that goes to %s leaves at %s.', $asked->name($from), $asked->name($via), $asked->time((int) $asked->service($one)->leaves($from))), [new Cell($from, null), new Cell(null, $one)], [new Cell($from, $one)]),
            new TableStep(\sprintf('It is at %s at %s.', $asked->name($via), $asked->time($arrives)), [new Cell(null, $one), new Cell($via, null)], [new Cell($from, $one), new Cell($via, $one)]),
            new TableStep(\sprintf('Along the row of %s: the next that goes to %s leaves at %s.', $asked->name($via), $asked->name($to), $asked->time($onFrom)), [new Cell($via, null), new Cell(null, $two)], [new Cell($via, $one), new Cell($via, $two)]),
            new TableStep(\sprintf('Down its column to %s: %s.', $asked->name($to), $asked->time($there)), [new Cell(null, $two), new Cell($to, null)], [new Cell($via, $two), new Cell($to, $two)]),
        ], [
            Misreading::TakesEarlier->value => $answer($gone),
            Misreading::NextColumn->value => $answer($later),
        ]);
    }

    /**
     * The one that leaves first after a time, and is there first as well.
     *
     * @throws NoSuchQuestion
     */
    private static function first(Asked $asked, int $from, int $to, int $at): int
    {
        $times = array_filter($asked->departures($from, $to), static fn (int $time): bool => $time >= $at);
        $first = array_key_first($times) ?? throw NoSuchQuestion::nothingRuns();
        if ($times[$first] - $at < 2) {
            throw NoSuchQuestion::several();
        }
        foreach (array_keys($times) as $other) {
            if ($other !== $first && (int) $asked->service($other)->arrives($to) <= (int) $asked->service($first)->arrives($to)) {
                throw NoSuchQuestion::several();
            }
        }

        return $first;
    }
}
