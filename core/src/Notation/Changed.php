<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\TimeOfDay;

/** What changed and what stayed between the start and the end of a move on the clock, each with its reason. */
final readonly class Changed
{
    /** More days than the longest length has, in minutes. */
    private const FAR = 3_700_000 * TimeOfDay::DAY;

    private const HOURS_12 = ['12', '1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11', '12', '1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11'];

    private function __construct(
        public Change $hour,
        public Change $minute,
        public ?Change $half,
        public ?Change $day,
    ) {
    }

    /** From the start of a move to its answer. */
    public static function by(ClockMove $sum, Writer $writer): self
    {
        return self::between($sum, 0, $sum->minutes(), $writer);
    }

    /**
     * Over a stretch of a move.
     *
     * @param int $done minutes moved before the stretch
     * @param int $upTo minutes moved at its end, not less
     */
    public static function between(ClockMove $sum, int $done, int $upTo, Writer $writer): self
    {
        $start = $sum->start;
        $way = $sum->direction();
        // counted from a midnight so far back that nothing is negative
        $a = $start->minutes + $way * $done + self::FAR;
        $b = $start->minutes + $way * $upTo + self::FAR;
        [$low, $high] = $a < $b ? [$a, $b] : [$b, $a];
        $by24 = ClockForm::TwentyFour === $start->form || ($writer->style->always24 && $start->halfSaid);
        $hour = self::hours(
            self::hour(intdiv($a, 60) % 24, $by24, $writer->style),
            self::hour(intdiv($b, 60) % 24, $by24, $writer->style),
            $upTo - $done,
            intdiv($low, 60) !== intdiv($high, 60),
        );
        $minute = self::minutes($a % 60, $b % 60, $upTo - $done, $way);
        if (!$start->halfSaid) {
            return new self($hour, $minute, null, null);
        }
        $midnights = intdiv($high, TimeOfDay::DAY) - intdiv($low, TimeOfDay::DAY);

        return new self(
            $hour,
            $minute,
            self::halves($a, $b, intdiv($low + 720, TimeOfDay::DAY) !== intdiv($high + 720, TimeOfDay::DAY), 0 !== $midnights, $by24, $writer),
            self::days($way * $midnights),
        );
    }

    private static function hour(int $hour, bool $by24, Style $style): string
    {
        return $by24 ? ($hour < 10 && $style->leadingNought ? '0' : '').$hour : self::HOURS_12[$hour];
    }

    private static function hours(string $from, string $to, int $length, bool $oClock): Change
    {
        return match (true) {
            !$oClock => new Change(false, $from, $to, 'no o’clock was passed'),
            $from === $to => new Change(false, $from, $to, 'the hour hand went right round'),
            $length < 60 => new Change(true, $from, $to, 'an o’clock was passed'),
            0 !== $length % 60 => new Change(true, $from, $to, 'o’clocks were passed'),
            default => new Change(true, $from, $to, 60 === $length ? 'one whole hour' : 'whole hours'),
        };
    }

    private static function minutes(int $from, int $to, int $length, int $way): Change
    {
        if ($from === $to) {
            return new Change(false, self::two($from), self::two($to), 0 === $length ? 'nothing was moved' : 'whole hours bring the minute hand back');
        }

        return new Change(true, self::two($from), self::two($to), $way > 0 ? 'the minute hand moved on' : 'the minute hand moved back');
    }

    private static function halves(int $a, int $b, bool $noon, bool $midnight, bool $by24, Writer $writer): Change
    {
        // the 24-hour clock has halves of the day too, but writes no a.m. or p.m.
        [$am, $pm] = $by24 ? ['before noon', 'after noon'] : [$writer->style->halves->of(HalfOfDay::Am), $writer->style->halves->of(HalfOfDay::Pm)];
        $from = $a % TimeOfDay::DAY < 720 ? $am : $pm;
        $to = $b % TimeOfDay::DAY < 720 ? $am : $pm;

        return match (true) {
            !$noon && !$midnight => new Change(false, $from, $to, '12 was not crossed'),
            $from === $to => new Change(false, $from, $to, 'both noon and midnight were crossed'),
            $noon && $midnight => new Change(true, $from, $to, '12 was crossed more than twice'),
            default => new Change(true, $from, $to, ($writer->style->nameTwelve && !$by24 ? '12 ' : '').($noon ? 'noon' : 'midnight').' was crossed'),
        };
    }

    private static function days(int $days): Change
    {
        return match ($days) {
            0 => new Change(false, '', 'same day', 'midnight was not crossed'),
            1 => new Change(true, '', 'next day', 'midnight was crossed'),
            -1 => new Change(true, '', 'day before', 'midnight was crossed'),
            default => new Change(true, '', $days > 0 ? $days.' days later' : -$days.' days earlier', 'midnight was crossed'),
        };
    }

    private static function two(int $number): string
    {
        return $number < 10 ? '0'.$number : (string) $number;
    }
}
