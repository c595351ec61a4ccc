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

/** The latest one that is there in time. */
final class Latest implements Kind
{
    public static function precedence(): int
    {
        return 80;
    }

    public function id(): string
    {
        return 'latest';
    }

    public function said(): string
    {
        return 'the latest that will do';
    }

    public function rung(): string
    {
        return 'timetable-latest';
    }

    public function levels(): array
    {
        return [Level::Core, Level::Stretch];
    }

    public function draw(ServiceTable $table, Level $level, Dice $dice): ?With
    {
        $drawn = new TableDice($table, $level, $dice);
        $ride = $drawn->ride();
        $service = null === $ride ? null : $table->service($ride->service);

        return null === $ride || null === $service ? null : new With(from: $table->stops[$ride->from], to: $table->stops[$ride->to], by: $drawn->deadline($service, $ride->to), day: $drawn->day);
    }

    public function pose(ServiceTable $table, With $with, Writer $writer): TableQuestion
    {
        $asked = new Asked($table, $with, $writer);
        $found = InTime::of($asked, 0);
        [$from, $to, $by] = [$found->from, $found->to, $found->by];

        return $asked->question($this, \sprintf('You want to be at %s by %s. What is the latest that you can leave %s?', $asked->name($to), $asked->time($by), $asked->name($from)), $asked->answerTime($found->leaves($found->best), $found->best), [], $found->steps($asked), [
            Misreading::NextColumn->value => null === $found->tooLate ? null : $asked->answerTime($found->leaves($found->tooLate), $found->tooLate),
            Misreading::TakesEarlier->value => null === $found->earlier ? null : $asked->answerTime($found->leaves($found->earlier), $found->earlier),
            Misreading::WrongRow->value => null === $found->inTheRowBeside ? null : $asked->answerTime($found->leaves($found->inTheRowBeside), $found->inTheRowBeside),
        ]);
    }
}
