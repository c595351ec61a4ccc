<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Kind;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Later;
use Rostik\Core\Time\Amount;
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

/** When a service that is late gets to a stop. */
final class Late implements Kind
{
    public static function precedence(): int
    {
        return 60;
    }

    public function id(): string
    {
        return 'late';
    }

    public function said(): string
    {
        return 'what if it is late';
    }

    public function rung(): string
    {
        return 'timetable-how-long';
    }

    public function levels(): array
    {
        return [Level::Core, Level::Stretch];
    }

    public function draw(ServiceTable $table, Level $level, Dice $dice): ?With
    {
        $drawn = new TableDice($table, $level, $dice);
        $ride = $drawn->ride();

        return null === $ride ? null : new With(from: $table->stops[$ride->from], stop: $table->stops[$ride->to], service: $ride->service, late: $drawn->someMinutes(3, 48), day: $drawn->day);
    }

    public function pose(ServiceTable $table, With $with, Writer $writer): TableQuestion
    {
        $asked = new Asked($table, $with, $writer);
        $late = $asked->minutes($with->late);
        $stop = $asked->stop($with->stop);
        $service = $asked->service($with->service);
        $number = (int) $with->service;
        $from = null === $with->from ? $service->first() : $asked->stop($with->from);
        $arrives = $service->links($from, $stop) ? (int) $service->arrives($stop) : throw NoSuchQuestion::notLinked();
        $next = $asked->neighbour($number, $stop);
        $beside = $asked->beside($number, $stop);

        return $asked->question($this, \sprintf('%s is %s late. When does it get to %s?', ucfirst($asked->called($number, $from)), $asked->length($late), $asked->name($stop)), $asked->answerTime($arrives + $late), [Later::of($asked->stated($arrives), Amount::minutes($late))], [
            new TableStep(\sprintf('Find %s in the row of %s: that is the column.', $asked->time((int) $service->leaves($from)), $asked->name($from)), [new Cell($from, null), new Cell(null, $number)], [new Cell($from, $number)]),
            new TableStep(\sprintf('By the table it is at %s at %s.', $asked->name($stop), $asked->time($arrives)), [new Cell(null, $number), new Cell($stop, null)], [new Cell($stop, $number)]),
            new TableStep(\sprintf('%s later is %s.', ucfirst($asked->length($late)), $asked->time($arrives + $late)), [new Cell($stop, $number)], [new Cell($stop, $number)]),
        ], [
            Misreading::NextColumn->value => null === $next ? null : $asked->answerTime((int) $table->service($next)?->arrives($stop) + $late),
            Misreading::WrongRow->value => null === $beside ? null : $asked->answerTime($beside + $late),
        ]);
    }
}
