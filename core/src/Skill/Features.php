<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

use Rostik\Core\Sum\Crossing;
use Rostik\Core\Sum\InSteps;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Unknown;
use Rostik\Core\Sum\Way;
use Rostik\Core\Time\Unit;

/** What the mathematics of a sum is made of. */
final readonly class Features
{
    /**
     * @param bool       $fives         whether every number of minutes (or seconds) is a multiple of five
     * @param bool       $minutesPass   whether it is the minutes that pass, or reach, an o'clock, and not whole hours alone
     * @param bool       $twelveToOne   whether the hour goes from 12 to 1 (or back) on the clock
     * @param int        $oClocks       o'clocks passed or reached on the clock
     * @param list<Unit> $units         that occur, largest first
     * @param int        $terms         amounts or times given
     * @param bool       $alongTheClock whether it goes along the clock, so that it may cross an hour, noon or midnight
     * @param list<int>  $signs         1 for each step that adds, -1 for each that takes away; none for a sum of one step
     * @param ?Unit      $from          the largest unit of the one length that is given: weeks in days is not days in weeks
     */
    private function __construct(
        public Kind $kind,
        public bool $regroups,
        public bool $fives,
        public bool $crossesHour,
        public bool $minutesPass,
        public bool $twelveToOne,
        public bool $crossesNoon,
        public bool $crossesMidnight,
        public int $oClocks,
        public array $units,
        public int $terms,
        public Unknown $unknown,
        public bool $alongTheClock,
        public ?Unit $from,
        public array $signs,
    ) {
    }

    /** From 1:50 to 2:00 and from 1:50 to 5:20 the minutes pass an o'clock; from 1:15 to 3:40 the hours alone do. */
    private static function pass(Way $way): bool
    {
        $after = static fn (int $minutes): int => (($minutes % 60) + 60) % 60;

        return $after($way->low()) > $after($way->high());
    }

    public static function of(Sum $sum): self
    {
        $way = $sum->plain()->way();
        $crossed = $way?->crosses() ?? [];
        $times = $sum->times();
        $lengths = $sum->lengths();
        $fives = true;
        foreach ($times as $time) {
            $fives = $fives && 0 === $time->minutes % 5 && 0 === ($time->second ?? 0) % 5;
        }
        foreach ($lengths as $length) {
            foreach ($length->parts as $part) {
                $fives = $fives && ($part->unit->size() > Unit::Minute->size() || 0 === $part->numerator % 5 || Unit::Month === $part->unit);
            }
        }

        return new self(
            $sum->kind(),
            $sum->regroups(),
            $fives,
            \in_array(Crossing::Hour, $crossed, true),
            null !== $way && self::pass($way),
            null !== $way && floor(($way->low() - 60) / 720) !== floor(($way->high() - 60) / 720),
            \in_array(Crossing::Noon, $crossed, true),
            \in_array(Crossing::Midnight, $crossed, true),
            null === $way ? 0 : (int) floor($way->high() / 60) - (int) floor($way->low() / 60),
            $sum->unitsSaid(),
            \count($times) + \count($lengths),
            $sum->asks(),
            null !== $way || $sum->asks()->isOnTheClock(),
            1 === \count($lengths) ? $lengths[0]->largest() : null,
            $sum instanceof InSteps ? $sum->signs() : [],
        );
    }
}
