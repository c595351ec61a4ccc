<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Kind;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Time\Amount;
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

/** When to set out at the latest, with a walk to the stop and perhaps one from the other. */
final class LeaveBy implements Kind
{
    public static function precedence(): int
    {
        return 40;
    }

    public function id(): string
    {
        return 'leave-by';
    }

    public function said(): string
    {
        return 'when to set out';
    }

    public function rung(): string
    {
        return 'timetable-latest';
    }

    public function levels(): array
    {
        return [Level::Stretch];
    }

    public function draw(ServiceTable $table, Level $level, Dice $dice): ?With
    {
        $drawn = new TableDice($table, $level, $dice);
        $ride = $drawn->ride();
        $service = null === $ride ? null : $table->service($ride->service);
        if (null === $ride || null === $service) {
            return null;
        }
        $walkOn = 0 === $dice->number(0, 1) ? null : $drawn->someMinutes(3, 12);

        return new With(from: $table->stops[$ride->from], to: $table->stops[$ride->to], by: $drawn->deadline($service, $ride->to) + (int) $walkOn, walk: $drawn->someMinutes(4, 25), walkOn: $walkOn, day: $drawn->day);
    }

    public function pose(ServiceTable $table, With $with, Writer $writer): TableQuestion
    {
        $asked = new Asked($table, $with, $writer);
        $walk = $asked->minutes($with->walk);
        $walkOn = null === $with->walkOn ? 0 : $asked->minutes($with->walkOn);
        $found = InTime::of($asked, $walkOn);
        [$from, $to, $by] = [$found->from, $found->to, $found->by];
        $leaves = $found->leaves($found->best);
        $setOut = static fn (int $service): ?TableAnswer => $found->leaves($service) < $walk ? null : $asked->answerTime($found->leaves($service) - $walk, $service);
        $place = 0 === $walkOn ? $asked->name($to) : 'school, a walk of '.$asked->length($walkOn).' from '.$asked->name($to).',';

        return $asked->question($this, \sprintf('You want to be at %s by %s. It takes you %s to walk to %s. When must you set out at the latest?', $place, $asked->time($by), $asked->length($walk), $asked->name($from)), $setOut($found->best) ?? throw NoSuchQuestion::needs('time to walk'), [
            ...(0 === $walkOn ? [] : [Earlier::of($asked->stated($by), Amount::minutes($walkOn))]),
            Earlier::of($asked->stated($leaves), Amount::minutes($walk)),
        ], [
            ...(0 === $walkOn ? [] : [new TableStep(\sprintf('First the walk at the end: %s before %s is %s.', $asked->length($walkOn), $asked->time($by), $asked->time($by - $walkOn)), [new Cell($to, null)])]),
            ...$found->steps($asked),
            new TableStep(\sprintf('Then the walk at the beginning: %s before %s is %s.', $asked->length($walk), $asked->time($leaves), $asked->time($leaves - $walk)), [new Cell($from, $found->best)], [new Cell($from, $found->best)]),
        ], [
            Misreading::IgnoresTheWalk->value => $asked->answerTime($leaves, $found->best),
            Misreading::NextColumn->value => null === $found->tooLate ? null : $setOut($found->tooLate),
            Misreading::TakesEarlier->value => null === $found->earlier ? null : $setOut($found->earlier),
        ]);
    }
}
