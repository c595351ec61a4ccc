<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Crossing;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\MissingLength;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Sum\WithGap;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/** What the mathematics of a sum is made of. */
final readonly class Features
{
    /**
     * @param bool       $fives       whether every number of minutes (or seconds) is a multiple of five
     * @param bool       $twelveToOne whether the hour goes from 12 to 1 (or back) on the clock
     * @param int        $oClocks     o'clocks passed or reached on the clock
     * @param list<Unit> $units       that occur, largest first
     * @param int        $terms       amounts or times given
     * @param string     $unknown     "end", "start" or "length" on the clock; "answer" elsewhere
     */
    private function __construct(
        public Kind $kind,
        public bool $regroups,
        public bool $fives,
        public bool $crossesHour,
        public bool $twelveToOne,
        public bool $crossesNoon,
        public bool $crossesMidnight,
        public int $oClocks,
        public array $units,
        public int $terms,
        public string $unknown,
    ) {
    }

    public static function of(Sum $sum): self
    {
        $plain = $sum instanceof WithGap ? $sum->turnedRound() : $sum;
        [$low, $high] = self::stretch($plain);
        $crossed = Crossing::of($plain);
        [$times, $amounts] = self::parts($sum);
        $fives = true;
        $units = [];
        foreach ($times as $time) {
            $fives = $fives && 0 === $time->minutes % 5;
        }
        foreach ($amounts as $amount) {
            foreach ($amount->parts as $part) {
                $units[$part->unit->size().$part->unit->value] = $part->unit;
                $fives = $fives && ($part->unit->size() > 60 || 0 === $part->numerator % 5 || Unit::Month === $part->unit);
            }
        }
        if ($sum instanceof Conversion) {
            foreach ($sum->units as $unit) {
                $units[$unit->size().$unit->value] = $unit;
            }
        }
        krsort($units, \SORT_NUMERIC);

        return new self(
            $sum->kind(),
            $sum->regroups(),
            $fives,
            \in_array(Crossing::Hour, $crossed, true),
            null !== $low && null !== $high && floor(($low - 60) / 720) !== floor(($high - 60) / 720),
            \in_array(Crossing::Noon, $crossed, true),
            \in_array(Crossing::Midnight, $crossed, true),
            null === $low || null === $high ? 0 : (int) floor($high / 60) - (int) floor($low / 60),
            array_values($units),
            \count($times) + \count($amounts),
            match (true) {
                $sum instanceof Missing => null === $sum->start ? 'start' : 'length',
                $sum instanceof Elapsed => 'length',
                $sum instanceof ClockMove => 'end',
                default => 'answer',
            },
        );
    }

    /** @return array{?int, ?int} the stretch of the clock that a sum runs over, in minutes */
    private static function stretch(Sum $sum): array
    {
        if ($sum instanceof ClockMove) {
            $end = $sum->start->minutes + $sum->direction() * $sum->minutes();

            return [min($sum->start->minutes, $end), max($sum->start->minutes, $end)];
        }

        return $sum instanceof Elapsed ? [$sum->start->minutes, $sum->start->minutes + $sum->minutes()] : [null, null];
    }

    /** @return array{list<StatedTime>, list<Amount>} */
    private static function parts(Sum $sum): array
    {
        return match (true) {
            $sum instanceof ClockMove => [[$sum->start], [$sum->length]],
            $sum instanceof Elapsed => [[$sum->start, $sum->end], []],
            $sum instanceof Missing => [$sum->times(), null === $sum->length ? [] : [$sum->length]],
            $sum instanceof Order => [$sum->times, $sum->lengths],
            $sum instanceof Rewrite => [[$sum->time], []],
            $sum instanceof Total => [[], $sum->addends],
            $sum instanceof Difference => [[], [$sum->from, $sum->take]],
            $sum instanceof Product => [[], [$sum->length]],
            $sum instanceof Share => [[], [$sum->length]],
            $sum instanceof Grouping => [[], [$sum->length, $sum->each]],
            $sum instanceof MissingLength => [[], array_values(array_filter([$sum->first, $sum->second, $sum->result], static fn (Amount|int|null $one): bool => $one instanceof Amount))],
            $sum instanceof Conversion => [[], [$sum->amount]],
            $sum instanceof Comparison => [[], [$sum->left, $sum->right]],
            default => [[], []],
        };
    }
}
