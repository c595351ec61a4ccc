<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;

/**
 * Jumps along a number line, each hour by itself: the minutes stay, the hour moves by one, and one sees where a.m. becomes p.m.
 * For later, earlier and elapsed of two to four hours, and some minutes.
 */
final class HourByHourMethod extends OnTheLine
{
    public const ID = 'hour-by-hour';

    /** More jumps than this nobody counts one by one. Common practice, no source. */
    private const MOST = 4;

    public function id(): string
    {
        return self::ID;
    }

    public function title(): string
    {
        return 'Hour by hour';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        $hours = match (true) {
            $sum instanceof ClockMove => intdiv($sum->minutes(), 60),
            $sum instanceof Elapsed => $sum->start->halfSaid && $sum->end->halfSaid ? intdiv($sum->minutes(), 60) : 0,
            default => 0,
        };

        return $hours < 2 || $hours > self::MOST ? null : new Suit(20, 'Hour by hour one sees that the minutes stay, and where the day changes its half.');
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return match (true) {
            $sum instanceof ClockMove => $this->move($sum, $writer),
            $sum instanceof Elapsed => $this->elapsed($sum, $writer),
            default => throw new \LogicException('Hour by hour is not for this kind of sum.'),
        };
    }

    protected function jumps(int $from, int $to, int $landmark): array
    {
        $way = $to >= $from ? 1 : -1;
        $jumps = [];
        for ($at = $from; abs($to - $at) >= 60; $at += 60 * $way) {
            $jumps[] = new Jump($at, $at + 60 * $way, JumpWhy::WholeHours);
        }

        return [...$jumps, ...Jumps::through($at, $to, 60)];
    }

    /** The half of the day stands at each landing. */
    protected function landmark(StatedTime $time, Writer $writer): string
    {
        $named = parent::landmark($time, $writer);

        return '' !== $named || !$time->halfSaid || ClockForm::TwentyFour === $time->form || $writer->style->always24 ? $named : $writer->style->halves->of($time->time()->half());
    }

    protected function passing(StatedTime $before, StatedTime $here, Writer $writer): string
    {
        if (!$here->halfSaid) {
            return '';
        }
        [$low, $high] = abs($here->minutes - $before->minutes) > 720
            ? [max($before->minutes, $here->minutes), min($before->minutes, $here->minutes) + 1440]
            : [min($before->minutes, $here->minutes), max($before->minutes, $here->minutes)];

        $passed = static fn (string $twelve): string => ' '.ucfirst(($writer->style->nameTwelve && ClockForm::TwentyFour !== $here->form ? '12 ' : '').$twelve).' was passed.';

        return match (true) {
            $low < 720 && $high > 720 => $passed('noon'),
            $low < 1440 && $high > 1440 => $passed('midnight'),
            default => '',
        };
    }
}
