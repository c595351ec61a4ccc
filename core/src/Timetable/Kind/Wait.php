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
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableDice;
use Rostik\Core\Timetable\TableQuestion;
use Rostik\Core\Timetable\TableStep;
use Rostik\Core\Timetable\With;

/** How long one waits for the next one. */
final class Wait implements Kind
{
    public static function precedence(): int
    {
        return 90;
    }

    public function id(): string
    {
        return 'wait';
    }

    public function said(): string
    {
        return 'the wait';
    }

    public function rung(): string
    {
        return 'timetable-next';
    }

    public function levels(): array
    {
        return [Level::Support, Level::Core, Level::Stretch];
    }

    public function draw(ServiceTable $table, Level $level, Dice $dice): ?With
    {
        return (new TableDice($table, $level, $dice))->waiting();
    }

    public function pose(ServiceTable $table, With $with, Writer $writer): TableQuestion
    {
        $asked = new Asked($table, $with, $writer);
        $found = Waiting::of($asked);
        [$stop, $at] = [$found->stop, $found->at];
        $leaves = $found->times[$found->next];

        return $asked->question($this, \sprintf('You get to %s at %s. How long do you wait for the next %s?', $asked->name($stop), $asked->time($at), $asked->vehicle()), $asked->answerLength($leaves - $at, $found->next), [$asked->elapsed($at, $leaves)], [
            ...$found->steps($asked),
            new TableStep(\sprintf('From %s to %s it is %s.', $asked->time($at), $asked->time($leaves), $asked->length($leaves - $at)), [new Cell($stop, $found->next)], [new Cell($stop, $found->next)]),
        ], [
            Misreading::TakesEarlier->value => null === $found->before ? null : $asked->answerLength($at - $found->times[$found->before]),
            Misreading::NextColumn->value => null === $found->afterNext ? null : $asked->answerLength($found->times[$found->afterNext] - $at),
            Misreading::WrongRow->value => null === $found->beside || $found->beside <= $at ? null : $asked->answerLength($found->beside - $at),
        ]);
    }
}
