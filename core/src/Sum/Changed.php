<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\TimeOfDay;

/** What changed and what stayed between the start and the end of a move on the clock, each with its reason. */
final readonly class Changed
{
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
        $a = $sum->start->minutes + $sum->direction() * $done;
        $b = $sum->start->minutes + $sum->direction() * $upTo;
        $from = $sum->start->moved($sum->direction() * $done);
        $to = $sum->start->moved($sum->direction() * $upTo);
        $crossed = Crossing::between(min($a, $b), max($a, $b));
        $length = $upTo - $done;

        $hour = static fn (TimeOfDay $t): string => ClockForm::Twelve === $from->form ? (string) $t->hour12() : \sprintf('%02d', $t->hour());
        $hourFrom = $hour($from->time());
        $hourTo = $hour($to->time());
        $hourChange = new Change($hourFrom !== $hourTo, $hourFrom, $hourTo, match (true) {
            !\in_array(Crossing::Hour, $crossed, true) => 'no o’clock was passed',
            $hourFrom === $hourTo => 'the hour hand went right round',
            $length < 60 => 'an o’clock was passed',
            0 === $length % 60 => 60 === $length ? 'one whole hour' : 'whole hours',
            default => 'o’clocks were passed',
        });

        $minuteFrom = \sprintf('%02d', $from->time()->minute());
        $minuteTo = \sprintf('%02d', $to->time()->minute());
        $minuteChange = new Change($minuteFrom !== $minuteTo, $minuteFrom, $minuteTo, match (true) {
            $minuteFrom !== $minuteTo => 'the minute hand moved on',
            0 === $length => 'nothing was moved',
            default => 'whole hours bring the minute hand back',
        });

        if (!$sum->start->halfSaid) {
            return new self($hourChange, $minuteChange, null, null);
        }

        $noon = \in_array(Crossing::Noon, $crossed, true);
        $midnight = \in_array(Crossing::Midnight, $crossed, true);
        $halfFrom = $from->time()->half()->value;
        $halfTo = $to->time()->half()->value;
        $halfChange = ClockForm::TwentyFour === $from->form ? null : new Change($halfFrom !== $halfTo, $halfFrom, $halfTo, match (true) {
            !$noon && !$midnight => '12 was not crossed',
            $halfFrom === $halfTo => 'both noon and midnight were crossed',
            $noon && $midnight => '12 was crossed more than twice',
            $noon => '12 noon was crossed',
            default => '12 midnight was crossed',
        });

        $days = $sum->start->daysMoved($sum->direction() * $upTo) - $sum->start->daysMoved($sum->direction() * $done);
        $dayChange = new Change(0 !== $days, '', match (true) {
            0 === $days => 'same day',
            1 === $days => 'next day',
            -1 === $days => 'day before',
            $days > 0 => $days.' days later',
            default => -$days.' days earlier',
        }, 0 === $days ? 'midnight was not crossed' : 'midnight was crossed');

        return new self($hourChange, $minuteChange, $halfChange, $dayChange);
    }
}
