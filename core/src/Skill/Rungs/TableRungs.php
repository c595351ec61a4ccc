<?php

declare(strict_types=1);

namespace Rostik\Core\Skill\Rungs;

use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Skill\Rungs;
use Rostik\Core\Skill\Strand;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;

/** Tables: the sums behind what is read from them. A bare sum does not exercise these rungs. */
final class TableRungs implements Rungs
{
    public static function precedence(): int
    {
        return 10;
    }

    public function all(): array
    {
        $length = static fn (Level $level, Dice $dice): Amount => $dice->length($level, 10, Level::Support === $level ? 60 : 300);
        $ride = static function (Level $level, Dice $dice) use ($length): Elapsed {
            $start = $dice->time($level, 360, 1080)->as24();

            return Elapsed::of($start, $start->moved($length($level, $dice)->duration->minutes()));
        };
        $isRide = static fn (Sum $sum, Features $f): bool => $sum instanceof Elapsed;

        return [
            new Rung('activity-table', 'I can complete a table of start, length and end.', Strand::Timetables, 'start, length and end', ['how-long-within-hour', 'later-within-hour', 'missing-part'], [Kind::Elapsed, Kind::Later, Kind::Missing], ['number-line', 'column'], ['hundred-minutes', 'counts-both-ends', 'wrong-operation'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Elapsed || $sum instanceof Later || $sum instanceof Missing,
                static function (Level $level, Dice $dice) use ($length): Sum {
                    $start = $dice->time($level, 360, 1080);
                    $amount = $length($level, $dice);
                    $end = $start->moved($amount->duration->minutes());

                    return match ($dice->number(0, Level::Support === $level ? 0 : 2)) {
                        0 => Later::of($start, $amount),
                        1 => Elapsed::of($start, $end),
                        default => Missing::start(1, $amount, $end),
                    };
                }, setting: Setting::Drawn, answers: 'table'),
            new Rung('find-in-timetable', 'I can find a time in a timetable.', Strand::Timetables, 'find in a timetable', ['twenty-four-hour'], [Kind::Elapsed], ['number-line'], ['hundred-minutes'], $isRide, $ride, setting: Setting::Table),
            new Rung('timetable-how-long', 'I can say how long a journey takes by a timetable.', Strand::Timetables, 'how long by timetable', ['find-in-timetable', 'how-long-across-hours'], [Kind::Elapsed, Kind::Later], ['number-line', 'column'], ['hundred-minutes', 'counts-both-ends'], $isRide, $ride, setting: Setting::Table),
            new Rung('timetable-next', 'I can find the next one and say how long to wait.', Strand::Timetables, 'the next one, and the wait', ['timetable-how-long'], [Kind::Elapsed], ['number-line'], ['hundred-minutes'], $isRide, $ride, setting: Setting::Table),
            new Rung('timetable-latest', 'I can find the latest one that is there in time.', Strand::Timetables, 'the latest in time', ['timetable-next'], [Kind::Elapsed, Kind::Earlier], ['number-line'], ['hundred-minutes'], $isRide, $ride, setting: Setting::Table),
            new Rung('timetable-change', 'I can change from one service to another.', Strand::Timetables, 'change on the way', ['timetable-next'], [Kind::Elapsed, Kind::Later], ['number-line'], ['hundred-minutes'], $isRide, $ride, setting: Setting::Table),
        ];
    }
}
