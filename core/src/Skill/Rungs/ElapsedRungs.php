<?php

declare(strict_types=1);

namespace Rostik\Core\Skill\Rungs;

use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Skill\Rungs;
use Rostik\Core\Skill\Strand;
use Rostik\Core\Sum\ClockChain;
use Rostik\Core\Sum\Crossing;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\LengthChain;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Part;
use Rostik\Core\Sum\SecondElapsed;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\SpanComparison;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\Unit;

/** Time on the clock: later, earlier, how long. */
final class ElapsedRungs implements Rungs
{
    public static function precedence(): int
    {
        return 20;
    }

    public function all(): array
    {
        $length = static fn (Level $level, Dice $dice): Amount => $dice->length($level, 5, match ($level) {
            Level::Support => 60,
            Level::Core => 6 * 60,
            Level::Stretch => 11 * 60 + 59,
        });
        $short = static fn (Level $level, Dice $dice): Amount => $dice->length($level, $level->step(), 60 - $level->step());
        $later = static fn (Level $level, Dice $dice): Sum => Later::of($dice->time($level), $length($level, $dice));
        $earlier = static fn (Level $level, Dice $dice): Sum => Earlier::of($dice->time($level), $length($level, $dice));
        $howLong = static function (Level $level, Dice $dice) use ($length): Sum {
            $start = $dice->time($level);

            return Elapsed::of($start, $start->moved($length($level, $dice)->duration->minutes()));
        };
        $any = static fn (Level $level, Dice $dice): Sum => match ($dice->number(0, 2)) {
            0 => $later($level, $dice),
            1 => $earlier($level, $dice),
            default => $howLong($level, $dice),
        };
        $clock = ['wrong-operation', 'keeps-am-pm', 'flips-am-pm'];
        $jumps = ['forgets-first-jump', 'forgets-last-jump'];
        // 1:15 p.m. − 1 h passes 1:00 and needs nothing of what going across the hour is about
        $minutesPass = static fn (Features $f): bool => $f->minutesPass;
        $onTheClock = static fn (Sum $sum): bool => $sum instanceof Later || $sum instanceof Earlier || $sum instanceof Elapsed;

        return [
            new Rung('later-within-hour', 'I can find a time later within the hour.', Strand::Times, 'later within the hour', ['read-clock-five'], [Kind::Later], ['number-line', 'fives'], ['wrong-operation'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Later && !$f->crossesHour,
                static fn (Level $level, Dice $dice): Sum => Later::of($dice->time($level), $short($level, $dice))),
            new Rung('later-across-hour', 'I can find a time later across the hour.', Strand::Times, 'later across the hour', ['later-within-hour'], [Kind::Later], ['number-line', 'hours-first', 'column'], ['hundred-minutes', 'leaves-over-sixty', 'drops-the-carry', 'keeps-the-sixty', ...$clock, ...$jumps],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Later && $f->crossesHour, $later, demands: $minutesPass),
            new Rung('earlier-within-hour', 'I can find a time earlier within the hour.', Strand::Times, 'earlier within the hour', ['later-within-hour'], [Kind::Earlier], ['number-line', 'fives'], ['wrong-operation'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Earlier && !$f->crossesHour,
                static fn (Level $level, Dice $dice): Sum => Earlier::of($dice->time($level), $short($level, $dice))),
            new Rung('earlier-across-hour', 'I can find a time earlier across the hour.', Strand::Times, 'earlier across the hour', ['earlier-within-hour', 'later-across-hour'], [Kind::Earlier], ['number-line', 'hours-first', 'column'], ['hundred-minutes', 'smaller-from-larger', 'borrows-without-paying', 'borrows-ten', ...$clock, ...$jumps],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Earlier && $f->crossesHour, $earlier, demands: $minutesPass),
            new Rung('how-long-within-hour', 'I can find how long it is within the hour.', Strand::Times, 'how long within the hour', ['later-within-hour'], [Kind::Elapsed], ['number-line', 'fives'], ['wrong-operation'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Elapsed && !$f->crossesHour,
                static function (Level $level, Dice $dice): Sum {
                    $start = $dice->time($level);

                    return Elapsed::of($start, $start->moved($dice->number($level->step(), 60 - $level->step(), $level->step())));
                }),
            new Rung('how-long-across-hours', 'I can find how long it is across hours.', Strand::Times, 'how long across hours', ['how-long-within-hour', 'later-across-hour'], [Kind::Elapsed], ['number-line', 'hours-first', 'column'], ['hundred-minutes', 'smaller-from-larger', 'borrows-without-paying', 'counts-both-ends', 'ignores-am-pm', 'hours-from-the-start', ...$jumps],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Elapsed && $f->crossesHour, $howLong, longWays: true, demands: $minutesPass),
            new Rung('across-noon', 'I can go across noon.', Strand::Times, 'across noon', ['am-pm', 'later-across-hour'], [Kind::Later, Kind::Earlier, Kind::Elapsed], ['number-line'], ['ignores-am-pm', 'keeps-am-pm', 'past-twelve', 'twelve-swap'],
                static fn (Sum $sum, Features $f): bool => $onTheClock($sum) && $f->crossesNoon, $any, about: Crossing::Noon),
            new Rung('across-midnight', 'I can go across midnight.', Strand::Times, 'across midnight', ['across-noon'], [Kind::Later, Kind::Earlier, Kind::Elapsed], ['number-line'], ['ignores-am-pm', 'keeps-am-pm', 'twelve-swap', 'larger-number-on-top'],
                static fn (Sum $sum, Features $f): bool => $onTheClock($sum) && $f->crossesMidnight, $any, about: Crossing::Midnight),
            new Rung('missing-part', 'I can find the start or the length that is missing.', Strand::Times, 'start or length missing', ['how-long-across-hours', 'earlier-across-hour'], [Kind::Missing], ['number-line'], ['wrong-operation', 'smaller-from-larger'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Missing,
                static function (Level $level, Dice $dice) use ($length): Sum {
                    $start = $dice->time($level);
                    $amount = $length($level, $dice);
                    $direction = Level::Support === $level || $dice->toss() ? 1 : -1;
                    $end = $start->moved($direction * $amount->duration->minutes());

                    return Level::Support !== $level && $dice->toss()
                        ? Missing::start($direction, $amount, $end)
                        : Missing::length($direction, $start, $end);
                }),
            new Rung('more-or-less', 'I can tell whether it is more or less than an hour.', Strand::Times, 'more or less than an hour', ['how-long-within-hour'], [Kind::Comparison], ['number-line', 'all-minutes'], ['hundred-minutes', 'borrows-without-paying', 'ignores-am-pm', 'counts-both-ends'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof SpanComparison,
                static function (Level $level, Dice $dice): Sum {
                    $start = $dice->time($level);
                    $length = Level::Support === $level ? 60 : $dice->number(30, Level::Core === $level ? 120 : 5 * 60, Level::Core === $level ? 30 : 15);
                    // just below, just as long, just above; and so far below that 40 minutes too much are not an hour too much
                    $span = Elapsed::of($start, $start->moved(max($level->step(), $length + $dice->number(-55, 25, $level->step()))));

                    return Level::Stretch === $level && $dice->toss()
                        ? SpanComparison::of(Amount::minutes($length), $span)
                        : SpanComparison::of($span, Amount::minutes($length));
                }),
            new Rung('to-the-second', 'I can work with times to the second.', Strand::Times, 'to the second', ['read-clock-second', 'later-across-hour', 'earlier-across-hour'], [Kind::Later, Kind::Earlier, Kind::Elapsed], ['number-line', 'unit-by-unit', 'column'], ['hundred-minutes', 'drops-the-carry', 'smaller-from-larger', 'wrong-operation'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof SecondMove || $sum instanceof SecondElapsed,
                static function (Level $level, Dice $dice): Sum {
                    $start = $dice->time($level)->toTheSecond($dice->number(0, 59, $level->step()));
                    $seconds = $dice->number($level->step(), match ($level) {
                        Level::Support => 90,
                        Level::Core => 10 * 60,
                        Level::Stretch => 2 * 3600,
                    }, $level->step());
                    $length = Amount::usual(Duration::ofSeconds($seconds));

                    return match ($dice->number(0, 2)) {
                        0 => SecondMove::later($start, $length),
                        1 => SecondMove::earlier($start, $length),
                        default => SecondElapsed::of($start, $start->movedSeconds($seconds)),
                    };
                }),
            new Rung('tenths', 'I can add and subtract seconds and tenths of a second.', Strand::Lengths, 'tenths of a second', ['add-regroup', 'subtract-regroup'], [Kind::Total, Kind::Difference], ['column', 'number-line', 'parts'], ['sixty-tenths', 'wrong-operation'],
                static fn (Sum $sum, Features $f): bool => ($sum instanceof Total || $sum instanceof Difference) && \in_array(Unit::Tenth, $f->units, true),
                static function (Level $level, Dice $dice): Sum {
                    // at the first level fives before the point and after it
                    $draw = static fn (int $from, int $to): int => $level->step() * ($dice->number($from, $to) * 10 + $dice->number(0, intdiv(9, $level->step())));
                    [$one, $two] = match ($level) {
                        Level::Support => [$draw(2, 5), $draw(1, 5)],
                        Level::Core => [$draw(10, 59), $draw(5, 59)],
                        Level::Stretch => [$draw(60, 300), $draw(20, 200)],
                    };
                    $length = static fn (int $tenths): Amount => Amount::usual(Duration::of($tenths, Chain::Clock));

                    return $dice->toss() ? Total::of($length($one), $length($two)) : Difference::of($length(max($one, $two)), $length(min($one, $two)));
                }),
            new Rung('equal-steps', 'I can count on in equal steps from a time.', Strand::Times, 'on in equal steps', ['later-across-hour'], [Kind::Series], ['number-line', 'step-by-step'], ['fence-post', 'hundred-minutes', 'keeps-am-pm'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Series,
                static fn (Level $level, Dice $dice): Sum => Series::counted($dice->length($level, Level::Support === $level ? 5 : 6, match ($level) {
                    Level::Support => 20,
                    Level::Core => 40,
                    Level::Stretch => 95,
                }), $dice->time($level), Level::Support === $level ? 4 : 5)),
            new Rung('several-steps', 'I can work a sum of several steps.', Strand::Times, 'several steps', ['later-across-hour', 'add-regroup', 'subtract-regroup'], [Kind::Chain], ['step-by-step', 'lengths-first', 'number-line'], ['one-step-only', 'hundred-minutes', 'wrong-operation'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof ClockChain || $sum instanceof LengthChain,
                static function (Level $level, Dice $dice) use ($short): Sum {
                    $part = static fn (bool $taken): Part => $taken ? Part::taken($short($level, $dice)) : Part::added($short($level, $dice));
                    if ($dice->toss()) {
                        $down = Level::Support !== $level && $dice->toss();

                        return Level::Stretch === $level
                            ? ClockChain::of($dice->time($level), $part($down), $part($dice->toss()), $part(false))
                            : ClockChain::of($dice->time($level), $part($down), $part($down));
                    }
                    $first = $dice->length($level, 2 * 60, Level::Support === $level ? 4 * 60 : 9 * 60);

                    return Level::Stretch === $level
                        ? LengthChain::of($first, $part(true), $part(false), $part(true))
                        : LengthChain::of($first, $part(false), $part(true));
                }),
        ];
    }
}
