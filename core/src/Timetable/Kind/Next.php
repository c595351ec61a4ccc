<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Kind;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Timetable\Asked;
use Rostik\Core\Timetable\Kind;
use Rostik\Core\Timetable\Misreading;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableDice;
use Rostik\Core\Timetable\TableQuestion;
use Rostik\Core\Timetable\With;

/** The next one that leaves after a time. */
final class Next implements Kind
{
    public static function precedence(): int
    {
        return 100;
    }

    public function id(): string
    {
        return 'next';
    }

    public function said(): string
    {
        return 'the next one';
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

        return $asked->question($this, \sprintf('You get to %s at %s. When does the next %s leave there?', $asked->name($stop), $asked->time($at), $asked->vehicle()), $found->service($asked, $found->next), [], $found->steps($asked), [
            Misreading::TakesEarlier->value => null === $found->before ? null : $found->service($asked, $found->before),
            Misreading::NextColumn->value => null === $found->afterNext ? null : $found->service($asked, $found->afterNext),
            Misreading::WrongRow->value => null === $found->inTheRowBeside ? null : $found->service($asked, $found->inTheRowBeside),
        ]);
    }
}
