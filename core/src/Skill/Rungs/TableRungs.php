<?php

declare(strict_types=1);

namespace Rostik\Core\Skill\Rungs;

use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Skill\Rungs;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Unit;

/** Problems told in words, timetables, planning: the sums inside them. A bare sum does not exercise these rungs. */
final class ProblemRungs implements Rungs
{
    public static function precedence(): int
    {
        return 10;
    }

    public function all(): array
    {
        $length = static fn (Level $level, Dice $dice): Amount => $dice->length($level, 10, Level::Support === $level ? 60 : 300);
        $oneStep = static function (Level $level, Dice $dice) use ($length): Sum {
            $start = $dice->time($level, 360, 1200);
            $amount = $length($level, $dice);

            return match ($dice->number(0, 4)) {
                0 => Later::of($start, $amount),
                1 => Earlier::of($start, $amount),
                2 => Elapsed::of($start, $start->moved($amount->duration->minutes())),
                3 => Total::of($amount, $length($level, $dice)),
                default => Difference::of(Amount::minutes($amount->duration->minutes() + $dice->number(10, 120, $level->step())), $amount),
            };
        };
        $isOneStep = static fn (Sum $sum, Features $f): bool => $sum instanceof Later || $sum instanceof Earlier || $sum instanceof Elapsed || $sum instanceof Total || $sum instanceof Difference;

        return [
            new Rung('one-step-problem', 'I can find the sum in a story and work it.', ['later-across-hour', 'add-regroup', 'subtract-regroup'], [Kind::Later, Kind::Earlier, Kind::Elapsed, Kind::Total, Kind::Difference], ['number-line', 'column'], ['wrong-operation'], $isOneStep, $oneStep, setting: Setting::Told),
            new Rung('two-step-problem', 'I can work a story that needs two sums.', ['one-step-problem'], [Kind::Later, Kind::Earlier, Kind::Elapsed, Kind::Total, Kind::Difference], ['number-line', 'column'], ['wrong-operation'], $isOneStep, $oneStep, setting: Setting::Told),
            new Rung('read-timetable', 'I can use a timetable.', ['how-long-across-hours', 'missing-part', 'twenty-four-hour'], [Kind::Elapsed, Kind::Later, Kind::Missing], ['number-line', 'column'], ['hundred-minutes', 'counts-both-ends'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Elapsed || $sum instanceof Later || $sum instanceof Missing,
                static function (Level $level, Dice $dice) use ($length): Sum {
                    $start = $dice->time($level, 360, 1080)->as24();
                    $amount = $length($level, $dice);
                    $end = $start->moved($amount->duration->minutes());

                    return match ($dice->number(0, Level::Support === $level ? 0 : 2)) {
                        0 => Elapsed::of($start, $end),
                        1 => Later::of($start, $amount),
                        default => Missing::start(1, $amount, $end),
                    };
                }, setting: Setting::Table),
            new Rung('plan-backwards', 'I can plan backwards from when something must be ready.', ['earlier-across-hour'], [Kind::Earlier], ['number-line'], ['wrong-operation'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Earlier,
                static fn (Level $level, Dice $dice): Sum => Earlier::of($dice->time($level, 600, 1200), $length($level, $dice)), setting: Setting::Told),
            new Rung('days-between-dates', 'I can count the days and weeks between dates.', ['convert-mixed'], [Kind::Conversion], ['table', 'multiply-divide'], ['counts-both-ends', 'drops-remainder'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Conversion && $sum->isExact() && [Unit::Week, Unit::Day] === $f->units,
                static fn (Level $level, Dice $dice): Sum => Conversion::of(
                    Amount::of(AmountPart::whole($dice->number(8, match ($level) {
                        Level::Support => 35,
                        Level::Core => 70,
                        Level::Stretch => 180,
                    }), Unit::Day)), false, Unit::Week, Unit::Day), setting: Setting::Calendar),
        ];
    }
}
