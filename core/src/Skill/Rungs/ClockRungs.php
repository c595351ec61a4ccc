<?php

declare(strict_types=1);

namespace Rostik\Core\Skill\Rungs;

use Rostik\Core\Question\Form\Hands;
use Rostik\Core\Question\Setting;
use Rostik\Core\Question\TimesGiven;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Skill\Rungs;
use Rostik\Core\Skill\Strand;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeComparison;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/** Clock and notation. */
final class ClockRungs implements Rungs
{
    public static function precedence(): int
    {
        return 50;
    }

    public function all(): array
    {
        $open = static fn (int $minutes): StatedTime => StatedTime::open(TimeOfDay::ofMinutes($minutes)->hour12(), $minutes % 60);
        $rewrite = static fn (Sum $sum, TimeForm $as): bool => $sum instanceof Rewrite && $sum->as === $as && (TimeForm::Digital !== $as || null === $sum->time->second);

        return [
            new Rung('read-clock-five', 'I can read a clock to five minutes.', Strand::Clock, 'read to five minutes', [], [Kind::Rewrite], ['fives'], ['swaps-hands', 'next-hour', 'hour-ahead', 'hand-number-as-minutes', 'sixty-at-the-top'],
                static fn (Sum $sum, Features $f): bool => $rewrite($sum, TimeForm::Digital) && $f->fives,
                static fn (Level $level, Dice $dice): Sum => Rewrite::of($open($dice->number(0, 715, match ($level) {
                    Level::Support => 15,
                    default => 5,
                })), TimeForm::Digital)),
            new Rung('read-clock-minute', 'I can read a clock to the minute.', Strand::Clock, 'read to the minute', ['read-clock-five'], [Kind::Rewrite], ['fives'], ['swaps-hands', 'next-hour', 'hour-ahead', 'hand-number-as-minutes', 'ones-as-tens'],
                static fn (Sum $sum, Features $f): bool => $rewrite($sum, TimeForm::Digital) && $sum instanceof Rewrite,
                static fn (Level $level, Dice $dice): Sum => Rewrite::of($open($dice->number(0, 719, $level->step())), TimeForm::Digital)),
            new Rung('read-clock-second', 'I can read a clock to the second.', Strand::Clock, 'read to the second', ['read-clock-minute'], [Kind::Rewrite], ['fives'], ['hand-number-as-seconds', 'swaps-hands', 'next-hour', 'hand-number-as-minutes'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Rewrite && TimeForm::Digital === $sum->as && null !== $sum->time->second,
                static fn (Level $level, Dice $dice): Sum => Rewrite::of($open($dice->number(0, 719, $level->step()))->toTheSecond($dice->number(0, 59, $level->step())), TimeForm::Digital)),
            new Rung('set-clock', 'I can set the hands to a time.', Strand::Clock, 'set the hands', ['read-clock-five'], [Kind::Rewrite], ['fives'], ['swaps-hands', 'next-hour'],
                static fn (Sum $sum, Features $f): bool => $rewrite($sum, TimeForm::Digital),
                static fn (Level $level, Dice $dice): Sum => Rewrite::of($open($dice->number(0, 719, $level->step())), TimeForm::Digital), setting: Setting::Drawn, answers: Hands::TYPE),
            new Rung('past-and-to', 'I can say a time with past and to.', Strand::Clock, 'past and to', ['read-clock-five'], [Kind::Rewrite], ['up-to-sixty'], ['to-as-past', 'to-this-hour', 'numbers-as-they-stand'],
                static fn (Sum $sum, Features $f): bool => $rewrite($sum, TimeForm::Words),
                static fn (Level $level, Dice $dice): Sum => Rewrite::of(Level::Stretch === $level ? $dice->time($level) : $open($dice->number(0, 719, $level->step())), TimeForm::Words)),
            new Rung('am-pm', 'I can tell a.m. from p.m.', Strand::Clock, 'a.m. and p.m.', ['read-clock-five'], [Kind::Order], ['place-on-day'], ['ignores-am-pm', 'twelve-swap', 'twelve-biggest'],
                static fn (Sum $sum, Features $f): bool => $sum instanceof Order && \count(array_unique(array_map(static fn (StatedTime $t): bool => $t->minutes < 720, array_filter($sum->times, static fn (StatedTime $t): bool => $t->halfSaid && ClockForm::Twelve === $t->form)))) > 1,
                static fn (Level $level, Dice $dice): Sum => Order::ofTimes(...self::times($level, $dice))),
            new Rung('twenty-four-hour', 'I can use the 24-hour clock.', Strand::Clock, '24-hour clock', ['am-pm'], [Kind::Rewrite], ['place-on-day'], ['twelve-swap', 'takes-ten', 'adds-ten', 'adds-twelve-always', 'keeps-twelve', 'past-twelve', 'past-twenty-four'],
                static fn (Sum $sum, Features $f): bool => $rewrite($sum, TimeForm::TwentyFour) || ($rewrite($sum, TimeForm::Twelve) && $sum instanceof Rewrite && ClockForm::TwentyFour === $sum->time->form),
                static fn (Level $level, Dice $dice): Sum => $dice->toss()
                    ? Rewrite::of($dice->time($level), TimeForm::TwentyFour)
                    : Rewrite::of($dice->time($level)->as24(), TimeForm::Twelve), anyHour: true),
            new Rung('order-times', 'I can put times in order.', Strand::Clock, 'times in order', ['am-pm'], [Kind::Order, Kind::Comparison], ['place-on-day'], ['ignores-am-pm', 'twelve-biggest'],
                static fn (Sum $sum, Features $f): bool => ($sum instanceof Order && [] !== $sum->times) || $sum instanceof TimeComparison,
                static fn (Level $level, Dice $dice): Sum => Order::ofTimes(...self::times($level, $dice))),
            new Rung('roman-clock', 'I can read a clock with Roman numerals.', Strand::Clock, 'Roman numerals', ['read-clock-five'], [Kind::Rewrite], ['fives'], ['swaps-hands'],
                static fn (Sum $sum, Features $f): bool => $rewrite($sum, TimeForm::Digital),
                static fn (Level $level, Dice $dice): Sum => Rewrite::of($open($dice->number(0, 719, $level->step())), TimeForm::Digital), setting: Setting::Drawn, times: TimesGiven::RomanClocks),
        ];
    }

    /** @return list<StatedTime> all different */
    private static function times(Level $level, Dice $dice): array
    {
        $count = match ($level) {
            Level::Support => 3,
            Level::Core => 4,
            Level::Stretch => 5,
        };
        $times = [];
        while (\count($times) < $count) {
            $time = $dice->time($level);
            $times[$time->minutes] = $time;
        }

        return array_values($times);
    }
}
