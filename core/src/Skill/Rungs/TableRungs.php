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
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Unit;

/** Timetables and dates: the sums inside them. A bare sum does not exercise these rungs. */
final class TableRungs implements Rungs
{
    public static function precedence(): int
    {
        return 10;
    }

    public function all(): array
    {
        $length = static fn (Level $level, Dice $dice): Amount => $dice->length($level, 10, Level::Support === $level ? 60 : 300);

        return [
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
