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

/** How long one service takes from one stop to another: two times of its column, and the stretch between them. */
final class HowLong implements Kind
{
    public static function precedence(): int
    {
        return 110;
    }

    public function id(): string
    {
        return 'how-long';
    }

    public function said(): string
    {
        return 'how long it takes';
    }

    public function rung(): string
    {
        return 'timetable-how-long';
    }

    public function levels(): array
    {
        return [Level::Support, Level::Core, Level::Stretch];
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
        if (!$service->links($from, $to)) {
            throw NoSuchQuestion::notLinked();
        }
        [$leaves, $arrives] = [(int) $service->leaves($from), (int) $service->arrives($to)];
        if ($leaves === $arrives) {
            throw NoSuchQuestion::needs('two times');
        }
        $next = $asked->neighbour($number, $to);
        $slipped = null === $next ? null : (int) $table->service($next)?->arrives($to) - $leaves;
        $beside = $asked->beside($number, $to);
        $row = null === $beside ? null : $beside - $leaves;

        return $asked->question($this, \sprintf('How long does %s take to %s?', $asked->called($number, $from), $asked->name($to)), $asked->answerLength($arrives - $leaves), [$asked->elapsed($leaves, $arrives)], [
            new TableStep(\sprintf('Find %s in the row of %s: that is the column.', $asked->time($leaves), $asked->name($from)), [new Cell($from, null), new Cell(null, $number)], [new Cell($from, $number)]),
            new TableStep(\sprintf('Go down the column to the row of %s: %s.', $asked->name($to), $asked->time($arrives)), [new Cell(null, $number), new Cell($to, null)], [new Cell($from, $number), new Cell($to, $number)]),
            new TableStep(\sprintf('From %s to %s it is %s.', $asked->time($leaves), $asked->time($arrives), $asked->length($arrives - $leaves)), [new Cell($from, $number), new Cell($to, $number)], [new Cell($from, $number), new Cell($to, $number)]),
        ], [
            Misreading::NextColumn->value => null !== $slipped && $slipped > 0 ? $asked->answerLength($slipped) : null,
            Misreading::WrongRow->value => null !== $row && $row > 0 ? $asked->answerLength($row) : null,
        ]);
    }
}
