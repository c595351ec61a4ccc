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
use Rostik\Core\Timetable\TableAnswer;
use Rostik\Core\Timetable\TableDice;
use Rostik\Core\Timetable\TableQuestion;
use Rostik\Core\Timetable\TableStep;
use Rostik\Core\Timetable\With;

/** Whether a change can be made though the first service is late. */
final class Connection implements Kind
{
    public static function precedence(): int
    {
        return 10;
    }

    public function id(): string
    {
        return 'connection';
    }

    public function said(): string
    {
        return 'whether a change can be made';
    }

    public function rung(): string
    {
        return 'timetable-change';
    }

    public function levels(): array
    {
        return [Level::Stretch];
    }

    public function draw(ServiceTable $table, Level $level, Dice $dice): ?With
    {
        $drawn = new TableDice($table, $level, $dice);
        $change = $drawn->change();
        if (null === $change) {
            return null;
        }
        $spare = (int) $table->service($change->then)?->leaves($change->via) - (int) $table->service($change->service)?->arrives($change->via);

        return new With(from: $table->stops[$change->from], via: $table->stops[$change->via], service: $change->service, then: $change->then, late: max(1, $spare + $dice->number(-9, 9)), day: $drawn->day);
    }

    public function pose(ServiceTable $table, With $with, Writer $writer): TableQuestion
    {
        $asked = new Asked($table, $with, $writer);
        [$from, $via, $late] = [$asked->stop($with->from), $asked->stop($with->via), $asked->minutes($with->late)];
        [$one, $two] = [$asked->service($with->service), $asked->service($with->then)];
        $arrives = $one->links($from, $via) ? (int) $one->arrives($via) : throw NoSuchQuestion::notLinked();
        $leaves = $two->leaves($via) ?? throw NoSuchQuestion::notLinked();
        $spare = $leaves - $arrives - $late;
        if (0 === $spare || $leaves <= $arrives || $with->service === $with->then) {
            throw NoSuchQuestion::needs('a change that is made or missed');
        }
        $next = $asked->neighbour((int) $with->service, $via);
        $says = static fn (int $spare): TableAnswer => $spare > 0
            ? new TableAnswer('yes, with '.$asked->length($spare).' to spare', 'yes')
            : new TableAnswer('no, it has gone '.$asked->length(-$spare).' before', 'no');
        [$a, $b] = [new Cell($via, (int) $with->service), new Cell($via, (int) $with->then)];

        return $asked->question($this, \sprintf('%s is %s late. You want to change at %s to %s. Do you catch it?', ucfirst($asked->called((int) $with->service, $from)), $asked->length($late), $asked->name($via), 'the '.$asked->time($leaves)), $says($spare), [Later::of($asked->stated($arrives), Amount::minutes($late))], [
            new TableStep(\sprintf('By the table it is at %s at %s.', $asked->name($via), $asked->time($arrives)), [new Cell(null, (int) $with->service), new Cell($via, null)], [$a]),
            new TableStep(\sprintf('%s later is %s.', ucfirst($asked->length($late)), $asked->time($arrives + $late)), [$a], [$a]),
            new TableStep(\sprintf('The other leaves at %s: %s.', $asked->time($leaves), $says($spare)->text), [$b], [$a, $b]),
        ], [
            Misreading::IgnoresTheDelay->value => $says($leaves - $arrives),
            Misreading::NextColumn->value => null === $next ? null : $says($leaves - (int) $table->service($next)?->arrives($via) - $late ?: -1),
        ]);
    }
}
