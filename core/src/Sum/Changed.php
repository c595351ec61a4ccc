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
        // counted from a midnight so far back that nothing is negative
        $a = $sum->start->minutes + $way * $done + self::FAR;
        $b = $sum->start->minutes + $way * $upTo + self::FAR;
        [$low, $high] = $a < $b ? [$a, $b] : [$b, $a];
        $twelve = ClockForm::Twelve === $sum->start->form;
        $hour = self::hours($a, $b, $upTo - $done, intdiv($low, 60) !== intdiv($high, 60), $twelve);
        $minute = self::minutes($a % 60, $b % 60, $upTo - $done);
        if (!$sum->start->halfSaid) {
            return new self($hour, $minute, null, null);
        }
        $midnights = intdiv($high, TimeOfDay::DAY) - intdiv($low, TimeOfDay::DAY);
        $noon = intdiv($low + 720, TimeOfDay::DAY) !== intdiv($high + 720, TimeOfDay::DAY);

        return new self($hour, $minute, $twelve ? self::halves($a, $b, $noon, 0 !== $midnights) : null, self::days($way * $midnights));
    }

    private static function hours(int $a, int $b, int $length, bool $oClock, bool $twelve): Change
    {
        $from = intdiv($a % TimeOfDay::DAY, 60);
        $to = intdiv($b % TimeOfDay::DAY, 60);
        $hourFrom = $twelve ? (string) (($from + 11) % 12 + 1) : self::two($from);
        $hourTo = $twelve ? (string) (($to + 11) % 12 + 1) : self::two($to);
        if (!$oClock) {
            return new Change(false, $hourFrom, $hourTo, 'no o’clock was passed');
        }
        if ($hourFrom === $hourTo) {
            return new Change(false, $hourFrom, $hourTo, 'the hour hand went right round');
        }
        if ($length < 60) {
            return new Change(true, $hourFrom, $hourTo, 'an o’clock was passed');
        }

        return new Change(true, $hourFrom, $hourTo, 0 !== $length % 60 ? 'o’clocks were passed' : (60 === $length ? 'one whole hour' : 'whole hours'));
    }

    private static function minutes(int $from, int $to, int $length): Change
    {
        $why = $from !== $to ? 'the minute hand moved on' : (0 === $length ? 'nothing was moved' : 'whole hours bring the minute hand back');

        return new Change($from !== $to, self::two($from), self::two($to), $why);
    }

    private static function halves(int $a, int $b, bool $noon, bool $midnight): Change
    {
        $from = $a % TimeOfDay::DAY < 720 ? HalfOfDay::Am->value : HalfOfDay::Pm->value;
        $to = $b % TimeOfDay::DAY < 720 ? HalfOfDay::Am->value : HalfOfDay::Pm->value;
        if (!$noon && !$midnight) {
            return new Change(false, $from, $to, '12 was not crossed');
        }
        if ($from === $to) {
            return new Change(false, $from, $to, 'both noon and midnight were crossed');
        }

        return new Change(true, $from, $to, $noon && $midnight ? '12 was crossed more than twice' : ($noon ? '12 noon was crossed' : '12 midnight was crossed'));
    }

    private static function days(int $days): Change
    {
        return 0 === $days ? new Change(false, '', 'same day', 'midnight was not crossed') : new Change(true, '', match (true) {
            1 === $days => 'next day',
            -1 === $days => 'day before',
            $days > 0 => $days.' days later',
            default => -$days.' days earlier',
        }, 'midnight was crossed');
    }

    private static function two(int $number): string
    {
        return $number < 10 ? '0'.$number : (string) $number;
    }
}
