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

/** The first and the last of the day, and how long it is between them. */
final class FirstLast implements Kind
{
    public static function precedence(): int
    {
        return 85;
    }

    public function id(): string
    {
        return 'first-last';
    }

    public function said(): string
    {
        return 'the first and the last';
    }

    public function rung(): string
    {
        return 'find-in-timetable';
    }

    public function levels(): array
    {
        return [Level::Support, Level::Core, Level::Stretch];
    }

    public function draw(ServiceTable $table, Level $level, Dice $dice): ?With
    {
        $drawn = new TableDice($table, $level, $dice);
        $stop = $drawn->stop();
        $which = Level::Support === $level ? ['first', 'last'] : ['first', 'last', 'between', 'between'];

        return null === $stop ? null : new With(stop: $table->stops[$stop], day: $drawn->day, which: $dice->pick($which));
    }

    public function pose(ServiceTable $table, With $with, Writer $writer): TableQuestion
    {
        $asked = new Asked($table, $with, $writer);
        $stop = $asked->stop($with->stop);
        $times = $asked->departures($stop);
        [$first, $last] = [array_key_first($times), array_key_last($times)];
        if (null === $first || null === $last || \count($times) < 3) {
            throw NoSuchQuestion::needs('some departures');
        }
        foreach ($asked->running() as $service) {
            // what ends there is none that leaves, though it has a time in the row
            $ends = null === $service->leaves($stop) ? $service->arrives($stop) : null;
            if (null !== $ends && ($ends <= $times[$first] || $ends >= $times[$last])) {
                throw NoSuchQuestion::several();
            }
        }
        $numbers = array_keys($times);
        [$second, $lastButOne] = [$numbers[1], $numbers[\count($numbers) - 2]];
        if ($times[$second] === $times[$first] || $times[$lastButOne] === $times[$last]) {
            throw NoSuchQuestion::several();
        }
        $between = $times[$last] - $times[$first];
        $row = static fn (int $service): ?TableAnswer => null === $asked->beside($service, $stop) ? null : $asked->answerTime((int) $asked->beside($service, $stop));
        $look = new TableStep(\sprintf('Look along the row of %s.', $asked->name($stop)), [new Cell($stop, null)]);

        return match ($with->which) {
            'first', 'last' => $asked->question($this, \sprintf('When does the %s %s of the day leave %s?', $with->which, $asked->vehicle(), $asked->name($stop)), $asked->answerTime($times['first' === $with->which ? $first : $last], 'first' === $with->which ? $first : $last), [], [
                $look,
                new TableStep(\sprintf('The %s one leaves at %s.', $with->which, $asked->time($times['first' === $with->which ? $first : $last])), [new Cell($stop, null)], [new Cell($stop, 'first' === $with->which ? $first : $last)]),
            ], [
                Misreading::NextColumn->value => $asked->answerTime($times['first' === $with->which ? $second : $lastButOne]),
                Misreading::WrongRow->value => $row('first' === $with->which ? $first : $last),
            ]),
            'between' => $asked->question($this, \sprintf('How long is it from the first %s of the day to the last at %s?', $asked->vehicle(), $asked->name($stop)), $asked->answerLength($between), [$asked->elapsed($times[$first], $times[$last])], [
                $look,
                new TableStep(\sprintf('The first leaves at %s, the last at %s.', $asked->time($times[$first]), $asked->time($times[$last])), [new Cell($stop, null)], [new Cell($stop, $first), new Cell($stop, $last)]),
                new TableStep(\sprintf('From %s to %s it is %s.', $asked->time($times[$first]), $asked->time($times[$last]), $asked->length($between)), [new Cell($stop, $first), new Cell($stop, $last)], [new Cell($stop, $first), new Cell($stop, $last)]),
            ], [
                Misreading::NextColumn->value => $asked->answerLength($times[$lastButOne] - $times[$first]),
                Misreading::WrongRow->value => null === $asked->beside($last, $stop) ? null : $asked->answerLength(abs((int) $asked->beside($last, $stop) - $times[$first])),
            ]),
            default => throw NoSuchQuestion::needs('"first", "last" or "between"'),
        };
    }
}
