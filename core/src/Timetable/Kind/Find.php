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
use Rostik\Core\Timetable\TableDice;
use Rostik\Core\Timetable\TableQuestion;
use Rostik\Core\Timetable\TableStep;
use Rostik\Core\Timetable\With;

/** When one service gets to a stop: found where its column and the row of the stop meet. */
final class Find implements Kind
{
    public static function precedence(): int
    {
        return 120;
    }

    public function id(): string
    {
        return 'find';
    }

    public function said(): string
    {
        return 'find a time in the table';
    }

    public function rung(): string
    {
        return 'find-in-timetable';
    }

    public function levels(): array
    {
        return [Level::Support, Level::Core];
    }

    public function draw(ServiceTable $table, Level $level, Dice $dice): ?With
    {
        $drawn = new TableDice($table, $level, $dice);
        $ride = $drawn->ride();

        return null === $ride ? null : new With(from: $table->stops[$ride->from], to: $table->stops[$ride->to], service: $ride->service, day: $drawn->day);
    }

    public function pose(ServiceTable $table, With $with, Writer $writer): TableQuestion
    {
        $asked = new Asked($table, $with, $writer);
        [$from, $to] = [$asked->stop($with->from), $asked->stop($with->to)];
        $service = $asked->service($with->service);
        $number = (int) $with->service;
        $arrives = $service->links($from, $to) ? (int) $service->arrives($to) : throw NoSuchQuestion::notLinked();
        $next = $asked->neighbour($number, $to);
        $beside = $asked->beside($number, $to);

        return $asked->question($this, \sprintf('When does %s get to %s?', $asked->called($number, $from), $asked->name($to)), $asked->answerTime($arrives), [], [
            new TableStep(\sprintf('Find %s in the row of %s: that is the column.', $asked->time((int) $service->leaves($from)), $asked->name($from)), [new Cell($from, null), new Cell(null, $number)], [new Cell($from, $number)]),
            new TableStep(\sprintf('Go down the column to the row of %s: %s.', $asked->name($to), $asked->time($arrives)), [new Cell(null, $number), new Cell($to, null)], [new Cell($to, $number)]),
        ], [
            Misreading::NextColumn->value => null === $next ? null : $asked->answerTime((int) $table->service($next)?->arrives($to)),
            Misreading::WrongRow->value => null === $beside ? null : $asked->answerTime($beside),
        ]);
    }
}
