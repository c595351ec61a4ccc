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

/** The next one that can be caught after a walk to the stop. */
final class WalkFirst implements Kind
{
    public static function precedence(): int
    {
        return 50;
    }

    public function id(): string
    {
        return 'walk';
    }

    public function said(): string
    {
        return 'the next one after a walk';
    }

    public function rung(): string
    {
        return 'timetable-next';
    }

    public function levels(): array
    {
        return [Level::Stretch];
    }

    public function draw(ServiceTable $table, Level $level, Dice $dice): ?With
    {
        $drawn = new TableDice($table, $level, $dice);
        $stop = $drawn->stop();
        $moment = null === $stop ? null : $drawn->moment($stop);
        $walk = $drawn->someMinutes(4, 25);

        return null === $stop || null === $moment || $moment - $walk < 0 ? null : new With(stop: $table->stops[$stop], at: $moment - $walk, walk: $walk, day: $drawn->day);
    }

    public function pose(ServiceTable $table, With $with, Writer $writer): TableQuestion
    {
        $asked = new Asked($table, $with, $writer);
        $walk = $asked->minutes($with->walk);
        $found = Waiting::of($asked, $walk);
        [$stop, $at] = [$found->stop, $found->at - $walk];
        $without = array_key_first(array_filter($found->times, static fn (int $time): bool => $time >= $at));

        return $asked->question($this, \sprintf('It is %s, and the walk to %s takes %s. When does the next %s leave that you can catch?', $asked->time($at), $asked->name($stop), $asked->length($walk), $asked->vehicle()), $found->service($asked, $found->next), [Later::of($asked->stated($at), Amount::minutes($walk))], [
            new TableStep(\sprintf('First the walk: %s and %s is %s.', $asked->time($at), $asked->length($walk), $asked->time($found->at)), [new Cell($stop, null)]),
            ...$found->steps($asked),
        ], [
            Misreading::IgnoresTheWalk->value => null === $without || $without === $found->next ? throw NoSuchQuestion::needs('a walk that matters') : $found->service($asked, $without),
            Misreading::NextColumn->value => null === $found->afterNext ? null : $found->service($asked, $found->afterNext),
            Misreading::WrongRow->value => null === $found->inTheRowBeside ? null : $found->service($asked, $found->inTheRowBeside),
        ]);
    }
}
