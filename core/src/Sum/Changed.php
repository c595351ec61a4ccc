<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\TimeOfDay;

/** What changed and what stayed between the start and the end of a move on the clock, each with its reason. */
final readonly class Changed
{
    /** Ten thousand days, in minutes. */
    private const FAR = 10000 * TimeOfDay::DAY;

    private function __construct(
        public Change $hour,
        public Change $minute,
        public ?Change $half,
        public ?Change $day,
    ) {
    }

    /** From the start of a move to its answer. */
    public static function by(ClockMove $sum): self
    {
        return self::between($sum, 0, $sum->minutes());
    }

    /**
     * Over a stretch of a move.
     *
     * @param int $done minutes moved before the stretch
     * @param int $upTo minutes moved at its end, not less
     */
    public static function between(ClockMove $sum, int $done, int $upTo): self
    {
        $way = $sum->direction();
        $a = $sum->start->minutes + $way * $done;
        $b = $sum->start->minutes + $way * $upTo;
        // counted from a midnight so far back that nothing is negative
        $low = min($a, $b) + self::FAR;
        $high = max($a, $b) + self::FAR;
        $oClock = intdiv($low, 60) !== intdiv($high, 60);
        $length = $upTo - $done;
        $from = ($a + self::FAR) % TimeOfDay::DAY;
        $to = ($b + self::FAR) % TimeOfDay::DAY;

        $twelve = ClockForm::Twelve === $sum->start->form;
        $hourFrom = self::hour(intdiv($from, 60), $twelve);
        $hourTo = self::hour(intdiv($to, 60), $twelve);
        $hourChange = new Change($hourFrom !== $hourTo, $hourFrom, $hourTo, match (true) {
            !$oClock => 'no o’clock was passed',
            $hourFrom === $hourTo => 'the hour hand went right round',
            $length < 60 => 'an o’clock was passed',
            0 === $length % 60 => 60 === $length ? 'one whole hour' : 'whole hours',
            default => 'o’clocks were passed',
        });

        $minuteFrom = self::two($from % 60);
        $minuteTo = self::two($to % 60);
        $minuteChange = new Change($minuteFrom !== $minuteTo, $minuteFrom, $minuteTo, match (true) {
            $minuteFrom !== $minuteTo => 'the minute hand moved on',
            0 === $length => 'nothing was moved',
            default => 'whole hours bring the minute hand back',
        });

        if (!$sum->start->halfSaid) {
            return new self($hourChange, $minuteChange, null, null);
        }

        $noon = intdiv($low + 720, TimeOfDay::DAY) !== intdiv($high + 720, TimeOfDay::DAY);
        $days = $way * (intdiv($high, TimeOfDay::DAY) - intdiv($low, TimeOfDay::DAY));
        $midnight = 0 !== $days;
        $halfFrom = $from < 720 ? HalfOfDay::Am->value : HalfOfDay::Pm->value;
        $halfTo = $to < 720 ? HalfOfDay::Am->value : HalfOfDay::Pm->value;
        $halfChange = !$twelve ? null : new Change($halfFrom !== $halfTo, $halfFrom, $halfTo, match (true) {
            !$noon && !$midnight => '12 was not crossed',
            $halfFrom === $halfTo => 'both noon and midnight were crossed',
            $noon && $midnight => '12 was crossed more than twice',
            $noon => '12 noon was crossed',
            default => '12 midnight was crossed',
        });

        $dayChange = new Change(0 !== $days, '', match (true) {
            0 === $days => 'same day',
            1 === $days => 'next day',
            -1 === $days => 'day before',
            $days > 0 => $days.' days later',
            default => -$days.' days earlier',
        }, 0 === $days ? 'midnight was not crossed' : 'midnight was crossed');

        return new self($hourChange, $minuteChange, $halfChange, $dayChange);
    }

    private static function hour(int $hour, bool $twelve): string
    {
        return $twelve ? (string) (($hour + 11) % 12 + 1) : self::two($hour);
    }

    private static function two(int $number): string
    {
        return $number < 10 ? '0'.$number : (string) $number;
    }
}
