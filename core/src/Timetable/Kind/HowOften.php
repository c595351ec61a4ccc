<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Kind;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Time\TimeOfDay;
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

/** How far apart the departures are where they are regular. */
final class HowOften implements Kind
{
    public static function precedence(): int
    {
        return 30;
    }

    public function id(): string
    {
        return 'how-often';
    }

    public function said(): string
    {
        return 'how often';
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
        $stop = $drawn->stop();
        $times = null === $stop ? [] : array_values($table->departures($stop, (new With(day: $drawn->day))->weekday()));
        if (null === $stop || \count($times) < 3) {
            return null;
        }
        $start = $dice->number(0, \count($times) - 3);
        $end = $start + 1;
        while (isset($times[$end + 1]) && $times[$end + 1] < TimeOfDay::DAY && $times[$end + 1] - $times[$end] === $times[$end] - $times[$end - 1]) {
            ++$end;
        }

        return $end - $start < 2 ? null : new With(stop: $table->stops[$stop], after: $times[$start], until: $times[$dice->number($start + 2, $end)], day: $drawn->day);
    }

    public function pose(ServiceTable $table, With $with, Writer $writer): TableQuestion
    {
        $asked = new Asked($table, $with, $writer);
        $stop = $asked->stop($with->stop);
        [$after, $until] = [$asked->moment($with->after), $asked->moment($with->until)];
        $times = array_filter($asked->departures($stop), static fn (int $time): bool => $time >= $after && $time <= $until);
        $values = array_values($times);
        $apart = \count($values) < 3 ? 0 : $values[1] - $values[0];
        if ($apart < 1 || $values[0] !== $after || $values[\count($values) - 1] !== $until) {
            throw NoSuchQuestion::needs('three departures at equal distances');
        }
        foreach (\array_slice($values, 1) as $i => $time) {
            if ($time - $values[$i] !== $apart) {
                throw NoSuchQuestion::needs('equal distances');
            }
        }
        foreach ($asked->running() as $service) {
            $ends = null === $service->leaves($stop) ? $service->arrives($stop) : null;
            if (null !== $ends && $ends >= $after && $ends <= $until) {
                throw NoSuchQuestion::several();
            }
        }
        $cells = array_map(static fn (int $number): Cell => new Cell($stop, $number), array_keys($times));

        return $asked->question($this, \sprintf('From %s to %s, how often does a %s leave %s?', $asked->time($after), $asked->time($until), $asked->vehicle(), $asked->name($stop)), new TableAnswer('every '.$asked->length($apart), $asked->answerLength($apart)->value), [$asked->elapsed($values[0], $values[1])], [
            new TableStep(\sprintf('Look along the row of %s: %s.', $asked->name($stop), implode(', ', array_map($asked->time(...), $values))), [new Cell($stop, null)], $cells),
            new TableStep(\sprintf('From each to the next it is %s, every time.', $asked->length($apart)), [new Cell($stop, null)], $cells),
        ], [
            Misreading::NextColumn->value => $asked->answerLength(2 * $apart),
        ]);
    }
}
